import assert from 'node:assert/strict'
import { test } from 'node:test'
import { MIX_SETTING } from '../../../../testing/samples'
import { material } from '../../../../testing/tables'
import type { MixChange, MixInPlace } from '../../../core/season'
import { runJob } from '../../../workers/jobs'
import { adjustersFor } from './adjusters'

const mix = {
  components: [{ material: material('all-purpose-mix'), parts: 10 }],
  ...MIX_SETTING,
}
const done = <T>(name: Parameters<typeof runJob>[0], question: unknown): T => {
  const outcome = runJob(name, question, () => {})
  assert.ok(outcome.ok)
  return outcome.value as T
}
const answer = done<MixInPlace>('mixInPlace', mix)

test('each adjuster is a change that can be computed and does what it says', () => {
  const adjusters = adjustersFor(answer, null)
  assert.deepEqual(adjusters.map(({ id }) => id).sort(), [
    'cool',
    'daily',
    'forget',
    'heavy',
    'light',
    'windy',
  ])
  const candidates = ['perlite-coarse', 'grit', 'vermiculite-medium', 'rice-hulls', 'coir-pith']
  for (const { id, of, low, high } of adjusters.filter((one) => one.id !== 'forget')) {
    const change = done<MixChange | null>('mixChange', {
      of,
      mix,
      low,
      high,
      candidates: candidates.map(material),
      pricePerLitre: {},
    })
    // A bag alone cannot always be made to last longer by one material; the rest can be reached.
    if (of === 'days' && change === null) continue
    assert.ok(change, id)
    assert.ok(change.value >= low - 1e-6 && change.value <= high + 1e-6, id)
  }
})

test('air is never asked for above what the crop wants', () => {
  const air = answer.capacity.airFraction
  const wish = {
    airMin: 0.1,
    airMax: air + 0.002,
    pHLow: 5,
    pHHigh: 7,
    ecMaxSme: null,
    rootDepthCm: null,
  }
  assert.ok(adjustersFor(answer, wish).every(({ of }) => of !== 'air'))
})
