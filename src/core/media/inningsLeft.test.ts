import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, material } from '../../../testing/tables'
import { DomainError } from '../errors'
import { ageMedia } from './ageMedia'
import { blendMedia } from './blendMedia'
import { containerCapacity } from './containerCapacity'
import { inningsLeft } from './inningsLeft'

const POT = { kind: 'round', topDiameterCm: 24, baseDiameterCm: 18, heightCm: 22.5 } as const
const FINES = material('humified-fines')
const ROTTING = [
  { material: material('garden-compost'), parts: 30 },
  { material: material('bark-fine'), parts: 50 },
  { material: material('coir-pith'), parts: 20 },
]
const question = {
  components: ROTTING,
  container: { shape: POT, fillHeightCm: 20 },
  cropAirMin: 0.16,
  seasonMeanTempC: 18,
  humifiedFines: FINES,
}

test('air after each season is that of the mix aged so long, in this container', () => {
  const { airWithout } = inningsLeft({ ...question, cropAirMin: 0 })
  ;[0, 1, 4].forEach((seasons) => {
    const { curve } =
      seasons === 0
        ? blendMedia({ components: ROTTING })
        : ageMedia({
            components: ROTTING,
            months: 7 * seasons,
            meanTempC: 18,
            humifiedFines: FINES,
          })
    const { airFraction } = containerCapacity({ curve, shape: POT, fillHeightCm: 20 })
    // Fines made in one season rot a little in the next; aged at one go they do not.
    close(airWithout[seasons] ?? 0, airFraction, 0.01, `after ${seasons}`)
  })
})

test('the count ends with the season that leaves too little air', () => {
  const { airWithout } = inningsLeft({ ...question, cropAirMin: 0 })
  const third = airWithout[3] as number
  assert.equal(inningsLeft({ ...question, cropAirMin: third - 1e-9 }).without, 3)
  assert.equal(inningsLeft({ ...question, cropAirMin: third + 1e-9 }).without, 2)
  assert.equal(inningsLeft({ ...question, cropAirMin: 0.9 }).without, 0)
})

test('minerals last as far as is counted; fresh aggregate each season lengthens a mix of bark', () => {
  const pumice = [{ material: material('pumice'), parts: 1 }]
  const mineral = inningsLeft({ ...question, components: pumice })
  assert.equal(mineral.without, mineral.most)
  assert.equal(mineral.withReconditioning, null)
  const planned = inningsLeft({
    ...question,
    reconditioning: [{ material: material('perlite-coarse'), share: 0.2 }],
  })
  assert.ok((planned.withReconditioning ?? 0) > planned.without)
  const tight = inningsLeft({
    ...question,
    cropAirMin: 0.195,
    reconditioning: [{ material: material('rice-hulls'), share: 0.2 }],
  })
  assert.equal(tight.without, 0)
  assert.ok((tight.withReconditioning ?? 0) > 0, 'put right before the season')
})

test('impossible questions are refused', () => {
  const refused = (more: Partial<Parameters<typeof inningsLeft>[0]>, code: string) =>
    assert.throws(
      () => inningsLeft({ ...question, ...more }),
      (error) => error instanceof DomainError && error.code === code,
    )
  refused({ components: [] }, 'too-few')
  refused({ cropAirMin: 1.2 }, 'out-of-range')
  refused({ monthsPerSeason: 0 }, 'out-of-range')
  refused({ seasonMeanTempC: Number.NaN }, 'not-finite')
  refused({ reconditioning: [{ material: material('perlite-coarse'), share: 1 }] }, 'out-of-range')
})
