import { useMemo } from 'react'
import type { WaterStart } from '../../core/media'
import { Notice } from '../../ui/Notice'
import { Progress } from '../../ui/Progress'
import { PotPlayer } from '../../ui/pictures/PotPlayer'
import { useSite } from '../../ui/SiteContext'
import { mixPictures } from '../../ui/texts/mixes/mixPictures'
import type { MixRun } from '../../workers/jobs'
import { useCore } from '../../workers/useCore'
import { RunNumbers } from './RunNumbers'
import { type NamedFill, potRun } from './runViews'
import styles from './WaterRuns.module.css'

const words = mixPictures.runs

/** Pots watered side by side under one time, and their numbers under them. */
export function WaterRuns({
  fills,
  millilitres,
  untilMl,
  start,
  say,
}: {
  /** Kept the same while nothing has changed. */
  readonly fills: readonly NamedFill[]
  readonly millilitres: number
  /** Water run out that is waited for. */
  readonly untilMl: number
  /** How the pots stand before. */
  readonly start: WaterStart
  /** What follows from it, in a sentence. */
  readonly say?: ((runs: readonly MixRun[]) => string | null) | undefined
}) {
  const { format } = useSite()
  const question = useMemo(
    () => (fills.length > 0 ? { fills, millilitres, untilMl, start } : null),
    [fills, millilitres, untilMl, start],
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
  const said = answered && say ? say(answered) : null
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
            label={words.watered(amount(millilitres), words.starts[start].told)}
            runs={runs}
          />
          {said && <p className={styles.said}>{said}</p>}
          <RunNumbers
            fills={fills}
            answers={answered}
            caption={words.watered(amount(millilitres), words.starts[start].told)}
            until={amount(untilMl)}
          />
        </>
      )}
    </div>
  )
}
