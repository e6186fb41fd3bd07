import { simulateDrainage } from '../../core/media'
import type { PotFrame, PotView } from '../../messages/media/potViews'

const FRAMES = 60
const LAST_S = 3600
const POUR_S = 30

/** A drained pot watered from above, frame by frame: close together at first, where most happens. */
export function potFrames(
  { shape, headspaceCm, surfaceCm, curve }: PotView,
  ksCmPerS: number,
  millilitres: number,
): PotFrame[] {
  const times = Array.from({ length: FRAMES }, (_, i) => LAST_S * (i / (FRAMES - 1)) ** 3)
  const { profiles } = simulateDrainage({
    shape,
    layers: [{ thicknessCm: surfaceCm, curve, ksCmPerS }],
    headspaceCm,
    pours: [{ atS: 0, millilitres, durationS: POUR_S }],
    initial: { kind: 'drained' },
    endS: LAST_S,
    profileTimesS: times,
  })
  return profiles.map(({ tS, theta, pondCm, drainedMl }) => ({
    atS: tS,
    wetness: theta.map((water) => Number((water / curve.thetaS).toFixed(3))),
    outMl: drainedMl,
    pondCm,
  }))
}
