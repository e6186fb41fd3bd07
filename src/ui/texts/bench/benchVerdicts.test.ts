import assert from 'node:assert/strict'
import { test } from 'node:test'
import { VERDICT_KEYS } from '../../../core/bench'
import { formatFor } from '../../format'
import { benchVerdict } from './benchVerdicts'

const format = formatFor({
  locale: 'en-GB',
  unitSystem: 'metric',
  currency: null,
  timeZone: 'UTC',
})

test('everything a test can say is a sentence', () => {
  for (const id of VERDICT_KEYS) {
    const sentence = benchVerdict(
      { id, tone: 'ok', told: { crop: 'Basil', problem: 'Gnats' } },
      format,
    )
    assert.match(sentence, /^[A-Z0-9p ].*\.$/, id)
    assert.doesNotMatch(sentence, /undefined|NaN|null/, id)
  }
})
