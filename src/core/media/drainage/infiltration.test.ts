import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, material } from '../../../../testing/tables'
import { suctionAtConductivity } from '../conductivity'
import { waterContent } from '../retention'
import { simulateDrainage } from './simulateDrainage'

const TUBE = { kind: 'round', topDiameterCm: 10, baseDiameterCm: 10, heightCm: 52 } as const
const AREA_CM2 = Math.PI * 25
const PEAT = material('peat-medium')
/** Steady rain at a third of what peat would take, onto peat at one suction. */
const RATE_CM_PER_S = PEAT.ksCmPerS / 3
const END_S = 900

const rain = (more: { fineness?: number; tolerance?: number } = {}) =>
  simulateDrainage({
    shape: TUBE,
    layers: [{ thicknessCm: 50, curve: PEAT.curve, ksCmPerS: PEAT.ksCmPerS }],
    headspaceCm: 2,
    pours: [{ atS: 0, millilitres: RATE_CM_PER_S * AREA_CM2 * END_S, durationS: END_S }],
    initial: { kind: 'suction', cm: 80 },
    endS: END_S,
    profileTimesS: [300, 600, 900],
    ...more,
  })

test('rain into a uniform column wets it as on a grid six times as fine', () => {
  const coarse = rain()
  const fine = rain({ fineness: 6, tolerance: 0.05 })
  coarse.profiles.forEach((profile, index) => {
    const other = fine.profiles[index]
    assert.ok(other)
    const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length
    close(mean(profile.theta), mean(other.theta), 5e-4, `water at ${profile.tS} s`)
    close(frontCm(profile), frontCm(other), 0.3, `front at ${profile.tS} s`)
  })
  assert.equal(coarse.pondedS, 0)
})

test('behind the front the peat holds just what conducts the rain', () => {
  const [, , last] = rain().profiles
  const suction = suctionAtConductivity(PEAT.curve, PEAT.ksCmPerS, RATE_CM_PER_S)
  const steady = waterContent(PEAT.curve, suction)
  const top = last?.theta.at(-4) ?? 0
  close(top, steady, 0.004, 'water content behind the front')
})

/** Height at which the water content is half way between the dry start and the wet end. */
function frontCm({ z, theta }: { z: readonly number[]; theta: readonly number[] }): number {
  const half = 0.5 * ((theta[0] as number) + (theta.at(-1) as number))
  const above = theta.findIndex((value) => value > half)
  const [low, high] = [above - 1, above]
  const share = (half - at(theta, low)) / (at(theta, high) - at(theta, low))
  return at(z, low) + share * (at(z, high) - at(z, low))
}

function at(values: readonly number[], index: number): number {
  return values[index] as number
}
