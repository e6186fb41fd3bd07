import { useState } from 'react'
import type { MomentView, TestPage } from '../../messages/bench/benchViews'
import { Button } from '../../ui/Button'
import { Clock } from '../../ui/Clock'
import { elapsed } from '../../ui/elapsed'
import { TextField } from '../../ui/Field'
import { Notice, ProblemNotice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { texts } from '../../ui/texts'
import styles from './Bench.module.css'
import { type ClockPlan, nextKeys, type PlannedKey, readClockTime } from './clockPlan'
import { timeOfDay, withTimeOfDay } from './timeOfDay'
import type { TestClock } from './useTestClock'

const words = texts.bench.clock
/** What the observation of the last run calls a moment. */
const LAST_NAMES: Readonly<Record<string, string>> = {
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
  const { moments, waiting, problem, aheadMs, toldAtMs } = clock
  const start = moments.find(({ key }) => key === plan.start.key)
  const stopped = moments.find(({ key }) => key === 'stopped')
  const startMs = start ? Date.parse(start.at) : null
  const endMs = startMs !== null && plan.endS !== null ? startMs + 1000 * plan.endS : null
  const endedAt =
    stopped?.at ?? (endMs !== null && toldAtMs > endMs ? new Date(endMs).toISOString() : null)
  const next = nextKeys(plan, moments)
  const last = moments.at(-1)
  const seconds = (at: string) => (startMs === null ? 0 : (Date.parse(at) - startMs) / 1000)
  const lastTime = (key: string): string | null => {
    const value = page.last?.observation[LAST_NAMES[key] ?? '']
    return typeof value === 'number' ? words.last(elapsed(value)) : null
  }
  return (
    <div className={styles.clock}>
      <ProblemNotice problem={problem} />
      <Clock
        label={words.label(texts.bench.tests[page.kind].name)}
        startedAt={start?.at ?? null}
        endedAt={endedAt}
        aheadMs={aheadMs}
        moments={[]}
        keys={next.map((one, index) => ({
          name: one.name,
          note: one.note,
          main: index === 0,
          onPress: () => clock.tap(one.key),
        }))}
      />
      {start && (
        <ul className={styles.moments}>
          <Start
            name={plan.start.name}
            start={start}
            onCorrect={(at) => clock.correct(start.id, { at })}
          />
          {plan.keys.map((one) => (
            <Moment
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
      {last && (
        <Button weight="quiet" onClick={() => clock.correct(last.id, { undone: true })}>
          {words.undo}
        </Button>
      )}
      {waiting > 0 && <Notice tone="act">{words.waiting(waiting)}</Notice>}
      {start && !endedAt && <Notice>{plan.note ?? words.runsOn}</Notice>}
    </div>
  )
}

/** When the clock was started, by the time of day, which can be corrected too. */
function Start({
  name,
  start,
  onCorrect,
}: {
  readonly name: string
  readonly start: MomentView
  readonly onCorrect: (at: string) => void
}) {
  const { site } = useSite()
  const [typed, setTyped] = useState<string | null>(null)
  const [wrong, setWrong] = useState(false)
  const time = (at: string) => timeOfDay(at, site.timeZone)
  const save = () => {
    const at = withTimeOfDay(start.at, typed ?? '', site.timeZone)
    if (at === null) return setWrong(true)
    onCorrect(at)
    setTyped(null)
    setWrong(false)
  }
  return (
    <li className={styles.moment}>
      <span>
        {name}
        {start.at !== start.tappedAt && <small>{words.corrected(time(start.tappedAt))}</small>}
      </span>
      <span>{time(start.at)}</span>
      {typed === null ? (
        <Button
          weight="quiet"
          aria-label={words.correct(name)}
          onClick={() => setTyped(time(start.at))}
        >
          ✎
        </Button>
      ) : (
        <span className={styles.correct}>
          <TextField
            label={words.startLabel(name)}
            value={typed}
            error={wrong ? words.badDayTime : undefined}
            onChange={(event) => setTyped(event.target.value)}
          />
          <Button onClick={save}>{words.correctSave}</Button>
        </span>
      )}
    </li>
  )
}

function Moment({
  planned: { name, expectedS },
  moment,
  seconds,
  last,
  onCorrect,
}: {
  readonly planned: PlannedKey
  readonly moment: MomentView | null
  readonly seconds: (at: string) => number
  readonly last: string | null
  readonly onCorrect: (id: string, seconds: number) => void
}) {
  const [typed, setTyped] = useState<string | null>(null)
  const [wrong, setWrong] = useState(false)
  const recipe = expectedS === null ? null : words.recipe(elapsed(expectedS))
  const beside = [last, recipe].filter(Boolean).join(' · ')
  if (!moment && !beside) return null
  const save = () => {
    const at = readClockTime(typed ?? '')
    if (at === null || !moment) return setWrong(true)
    onCorrect(moment.id, at)
    setTyped(null)
    setWrong(false)
  }
  return (
    <li className={styles.moment}>
      <span>
        {name}
        {beside && <small>{beside}</small>}
        {moment && moment.at !== moment.tappedAt && (
          <small>{words.corrected(elapsed(seconds(moment.tappedAt)))}</small>
        )}
      </span>
      {moment && <strong>{elapsed(seconds(moment.at))}</strong>}
      {moment && typed === null && (
        <Button
          weight="quiet"
          aria-label={words.correct(name)}
          onClick={() => setTyped(elapsed(seconds(moment.at)))}
        >
          ✎
        </Button>
      )}
      {typed !== null && (
        <span className={styles.correct}>
          <TextField
            label={words.correctLabel(name)}
            value={typed}
            error={wrong ? words.badTime : undefined}
            onChange={(event) => setTyped(event.target.value)}
          />
          <Button onClick={save}>{words.correctSave}</Button>
        </span>
      )}
    </li>
  )
}
