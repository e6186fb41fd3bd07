import { useEffect, useState } from 'react'
import type { PotFrame, PotView } from '../../messages/media/lots'
import { Button } from '../Button'
import { elapsed } from '../Clock'
import { useSite } from '../SiteContext'
import { texts } from '../texts'
import styles from './PotPlayer.module.css'
import { PotSection } from './PotSection'

const PLAY_MS = 8000

/** A pot being watered: played, or moved along by hand. Time runs slowly at first, where most happens. */
export function PotPlayer({
  pot,
  frames,
  label,
  size = 'stage',
}: {
  readonly pot: PotView
  readonly frames: readonly PotFrame[]
  readonly label: string
  readonly size?: 'card' | 'stage'
}) {
  const { format } = useSite()
  const [at, setAt] = useState(0)
  const [playing, setPlaying] = useState(false)
  const last = frames.length - 1
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

  const frame = frames[at]
  const before = frames[at - 1]
  if (!frame) return null
  const rate = before ? (frame.outMl - before.outMl) / (frame.atS - before.atS) : 0
  const words = texts.player
  const time = elapsed(frame.atS)
  const told = words.told(time, format.plain(format.litres(frame.outMl / 1000)))
  return (
    <fieldset className={styles.player}>
      <legend className="visually-hidden">{label}</legend>
      <PotSection
        pot={pot}
        size={size}
        wetness={frame.wetness}
        pondCm={frame.pondCm}
        dripping={rate > 0.02}
      />
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
          aria-valuetext={told}
          onChange={(event) => {
            setPlaying(false)
            setAt(Number(event.target.value))
          }}
        />
      </div>
      <p className={styles.told}>{told}</p>
    </fieldset>
  )
}
