import type { TestPage } from '../../messages/bench/benchViews'
import { Button } from '../../ui/Button'
import { Clock } from '../../ui/Clock'
import { elapsed } from '../../ui/elapsed'
import { Notice, ProblemNotice } from '../../ui/Notice'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import styles from './Bench.module.css'
import { MomentRow, StartRow } from './ClockRows'
import { type ClockPlan, clockKeys, outOfOrder } from './clockPlan'
import type { TestClock } from './useTestClock'

const words = benchWords.clock
/** What the observation of the last run calls a moment. */
const LAST_NAMES: Readonly<Record<string, 'firstDripS' | 'markS' | 'stoppedS'>> = {
  drip: 'firstDripS',
  mark: 'markS',
  stopped: 'stoppedS',
}

/** The clock of a test with its big keys, what was tapped, and what it was last time. */
export function ClockPanel({
  page,
  plan,
  clock,
}: {
  readonly page: TestPage
  readonly plan: ClockPlan
  readonly clock: TestClock
}) {
  const { moments, waiting, isLate, problem, aheadMs, toldAtMs } = clock
  const start = moments.find(({ key }) => key === plan.start.key)
  const stopped = moments.find(({ key }) => key === 'stopped')
  const startMs = start ? Date.parse(start.at) : null
  const endMs = startMs !== null && plan.endS !== null ? startMs + 1000 * plan.endS : null
  const endedAt =
    stopped?.at ?? (endMs !== null && toldAtMs > endMs ? new Date(endMs).toISOString() : null)
  const keys = clockKeys(plan, moments)
  const wrong = outOfOrder(plan, moments)
  const last = moments.at(-1)
  const seconds = (at: string) => (startMs === null ? 0 : (Date.parse(at) - startMs) / 1000)
  const lastTime = (key: string): string | null => {
    const observed = page.last?.observation
    if (observed?.kind !== 'drain' && observed?.kind !== 'layers') return null
    const name = LAST_NAMES[key]
    const value = name === undefined ? null : observed[name]
    return value === null ? null : words.last(elapsed(value))
  }
  return (
    <div className={styles.clock}>
      <ProblemNotice problem={problem} />
      <Clock
        label={words.label(benchWords.tests[page.kind].name)}
        startedAt={start?.at ?? null}
        endedAt={endedAt}
        aheadMs={aheadMs}
        moments={[]}
        keys={keys.map(({ key, name, note, isOff, isNext }) => ({
          name,
          note,
          main: isNext,
          disabled: isOff,
          onPress: () => clock.tap(key),
        }))}
      />
      {start && (
        <ul className={styles.moments}>
          <StartRow
            name={plan.start.name}
            start={start}
            onCorrect={(at) => clock.correct(start.id, { at })}
          />
          {plan.keys.map((one) => (
            <MomentRow
              key={one.key}
              planned={one}
              moment={moments.find(({ key }) => key === one.key) ?? null}
              seconds={seconds}
              last={lastTime(one.key)}
              onCorrect={(id, s) =>
                clock.correct(id, {
                  at: new Date((startMs ?? 0) + 1000 * s).toISOString(),
                })
              }
            />
          ))}
        </ul>
      )}
      {wrong && <Notice tone="act">{words.outOfOrder(...wrong)}</Notice>}
      {last && (
        <Button weight="quiet" onClick={() => clock.correct(last.id, { undone: true })}>
          {words.undo}
        </Button>
      )}
      {isLate && <Notice tone="act">{words.waiting(waiting)}</Notice>}
      {start && !endedAt && <Notice>{plan.note ?? words.runsOn}</Notice>}
    </div>
  )
}
