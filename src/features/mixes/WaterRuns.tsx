import { useMemo } from 'react'
import { Notice } from '../../ui/Notice'
import { Progress } from '../../ui/Progress'
import { PotPlayer } from '../../ui/pictures/PotPlayer'
import { useSite } from '../../ui/SiteContext'
import { mixes as mixesWords } from '../../ui/texts/mixes'
import { useCore } from '../../workers/useCore'
import { RunNumbers } from './RunNumbers'
import { type NamedFill, potRun } from './runViews'
import styles from './WaterRuns.module.css'

const words = mixesWords.runs

/** Pots watered side by side under one time, and their numbers under them. */
export function WaterRuns({
  fills,
  millilitres,
  untilMl,
}: {
  /** Kept the same while nothing has changed. */
  readonly fills: readonly NamedFill[]
  readonly millilitres: number
  /** Water run out that is waited for. */
  readonly untilMl: number
}) {
  const { format } = useSite()
  const question = useMemo(
    () => (fills.length > 0 ? { fills, millilitres, untilMl } : null),
    [fills, millilitres, untilMl],
  )
  const core = useCore('runs', 'waterRuns', question)
  const amount = (ml: number) => format.plain(format.litres(ml / 1000))
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
            label={words.watered(amount(millilitres))}
            runs={runs}
          />
          <RunNumbers
            fills={fills}
            answers={answered}
            poured={amount(millilitres)}
            until={amount(untilMl)}
          />
        </>
      )}
    </div>
  )
}
