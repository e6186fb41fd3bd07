import { useEffect, useState } from 'react'
import type { PotFrame, PotView } from '../../messages/media/potViews'
import { Button } from '../Button'
import { elapsed } from '../elapsed'
import { useSite } from '../SiteContext'
import { player as playerWords } from '../texts/parts'
import styles from './PotPlayer.module.css'
import { PotSection } from './PotSection'

/** A pot being watered: the same moments for all pots that are played together. */
export interface PotRun {
  readonly name: string
  readonly pot: PotView
  readonly frames: readonly PotFrame[]
}

const PLAY_MS = 8000
const words = playerWords

/** Pots being watered, side by side under one time: played, or moved along by hand. */
export function PotPlayer({
  runs,
  label,
  size = 'stage',
}: {
  readonly runs: readonly PotRun[]
  readonly label: string
  readonly size?: 'card' | 'side' | 'stage'
}) {
  const { format } = useSite()
  const last = Math.min(...runs.map(({ frames }) => frames.length)) - 1
  const { at, setAt, playing, setPlaying } = usePlaying(last)
  const atS = runs[0]?.frames[at]?.atS ?? 0
  const out = (ml: number) => format.plain(format.litres(ml / 1000))
  return (
    <fieldset className={styles.player}>
      <legend className="visually-hidden">{label}</legend>
      <div className={styles.runs}>
        {runs.map(({ name, pot, frames }) => {
          const frame = frames[at]
          if (!frame) return null
          return (
            <figure key={name}>
              {runs.length > 1 && <figcaption>{name}</figcaption>}
              <PotSection
                pot={pot}
                size={size}
                wetness={frame.wetness}
                pondCm={frame.pondCm}
                dripping={mlPerS(frames, at) > 0.02}
              />
              <p className={styles.told}>{words.ranOut(out(frame.outMl))}</p>
            </figure>
          )
        })}
      </div>
      <div className={styles.controls}>
        <Button
          aria-pressed={playing}
          onClick={() => {
            if (!playing && at === last) setAt(0)
            setPlaying(!playing)
          }}
        >
          {playing ? words.pause : words.play}
        </Button>
        <input
          className={styles.slider}
          type="range"
          min={0}
          max={last}
          value={at}
          aria-label={words.time}
          aria-valuetext={words.after(elapsed(atS))}
          onChange={(event) => {
            setPlaying(false)
            setAt(Number(event.target.value))
          }}
        />
        <span className={styles.time}>{words.after(elapsed(atS))}</span>
      </div>
    </fieldset>
  )
}

/** Which frame is shown, and whether time runs. */
function usePlaying(last: number) {
  const [at, setAt] = useState(0)
  const [playing, setPlaying] = useState(false)
  useEffect(() => {
    if (!playing) return
    const started = performance.now() - (at / last) * PLAY_MS
    let handle = requestAnimationFrame(function step(now) {
      const next = Math.min(last, Math.round(((now - started) / PLAY_MS) * last))
      setAt(next)
      if (next < last) handle = requestAnimationFrame(step)
      else setPlaying(false)
    })
    return () => cancelAnimationFrame(handle)
    // Where it stood when play was pressed is where it goes on from.
  }, [playing, last])
  return { at, setAt, playing, setPlaying }
}

function mlPerS(frames: readonly PotFrame[], at: number): number {
  const [before, frame] = [frames[at - 1], frames[at]]
  return before && frame ? (frame.outMl - before.outMl) / (frame.atS - before.atS) : 0
}
