import { useMemo } from 'react'
import { elapsed } from '../../../ui/Clock'
import { Figure } from '../../../ui/Figure'
import type { Amount } from '../../../ui/format'
import { Notice } from '../../../ui/Notice'
import { Progress } from '../../../ui/Progress'
import { PotPlayer } from '../../../ui/pictures/PotPlayer'
import { useSite } from '../../../ui/SiteContext'
import { texts } from '../../../ui/texts'
import type { MixRun } from '../../../workers/jobs'
import { useCore } from '../../../workers/useCore'
import { type NamedFill, potRun } from './runViews'
import styles from './WaterRuns.module.css'

const words = texts.mixes.runs

/** Pots watered side by side under one time, and their numbers under them. */
export function WaterRuns({
  fills,
  millilitres,
}: {
  /** Kept the same while nothing has changed. */
  readonly fills: readonly NamedFill[]
  readonly millilitres: number
}) {
  const { format } = useSite()
  const question = useMemo(
    () => (fills.length > 0 ? { fills, millilitres } : null),
    [fills, millilitres],
  )
  const core = useCore('runs', 'waterRuns', question)
  const poured = format.plain(format.litres(millilitres / 1000))
  // An answer belongs to the fills it was asked for: names and pictures must not run ahead of it.
  const answered = useMemo(
    () =>
      core.answer && core.answer.length === fills.length && !core.working ? core.answer : null,
    [core.answer, core.working, fills],
  )
  const runs = useMemo(
    () => answered?.map((run, i) => potRun(fills[i] as NamedFill, run)) ?? null,
    [answered, fills],
  )
  if (core.refusal) return <Notice tone="stop">{core.refusal}</Notice>
  return (
    <div className={styles.runs} aria-busy={!runs}>
      {!runs && (
        <div className={styles.wait}>
          {core.working || !core.answer ? (
            <Progress label={words.working} share={core.progress} onStop={core.stop} />
          ) : (
            <p>{words.stopped}</p>
          )}
        </div>
      )}
      {runs && answered && (
        <>
          <PotPlayer
            size={runs.length > 3 ? 'card' : runs.length > 2 ? 'side' : 'stage'}
            label={words.watered(poured)}
            runs={runs}
          />
          <Numbers fills={fills} answers={answered} poured={poured} />
        </>
      )}
    </div>
  )
}

function Numbers({
  fills,
  answers,
  poured,
}: {
  readonly fills: readonly NamedFill[]
  readonly answers: readonly MixRun[]
  readonly poured: string
}) {
  const { format } = useSite()
  const time = (seconds: number | null): Amount =>
    seconds === null
      ? { number: words.never, unit: '' }
      : seconds < 60
        ? { number: format.number(seconds), unit: words.seconds }
        : { number: elapsed(seconds), unit: words.minutes }
  const rows: readonly [name: string, of: (run: MixRun) => Amount][] = [
    [words.air, (run) => format.percent(run.layers.at(-1)?.air ?? 0)],
    [words.airless, (run) => format.cm(run.airlessUpToCm)],
    [words.thin, (run) => format.cm(run.thinAirUpToCm)],
    [words.drip, (run) => time(run.firstDripS)],
    [words.half, (run) => time(run.halfOutS)],
    [words.kept, (run) => format.litres(Math.max(0, run.keptMl) / 1000)],
    [words.ponded, (run) => time(run.pondedS)],
  ]
  const over = answers.some(({ overflowMl }) => overflowMl > 1)
  const all = over
    ? [...rows, [words.over, (run: MixRun) => format.litres(run.overflowMl / 1000)] as const]
    : rows
  return (
    <div className={styles.scroll}>
      <table className={styles.numbers}>
        <caption>{words.watered(poured)}</caption>
        <thead>
          <tr>
            <td />
            {fills.map(({ name }) => (
              <th key={name} scope="col">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {all.map(([name, of]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              {answers.map((run, i) => (
                <td key={fills[i]?.name} data-label={fills[i]?.name}>
                  <Figure amount={of(run)} measuredOn={null} />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
