import assert from 'node:assert/strict'
import { test } from 'node:test'
import { trialsSentence } from './trialsSentence'

type Row = Parameters<typeof trialsSentence>[0][number]
const row = (id: number, state: Row['state'], more: Partial<Row> = {}): Row => ({
  id,
  name: `Trial ${id}`,
  state,
  lateLooks: 0,
  nextCheck: null,
  ...more,
})
const said = (...rows: readonly Row[]) => {
  const sentence = trialsSentence(rows, '2026-11-02', (day) => day)
  return sentence && [sentence.strong, sentence.rest, sentence.lookAt]
}

test('trials open with the look that is late, then the one of today, then what comes', () => {
  const running = row(1, 'running', { nextCheck: '2026-11-15' })
  const late = row(2, 'running', { lateLooks: 1, nextCheck: '2026-11-15' })
  const today = row(3, 'running', { nextCheck: '2026-11-02' })
  assert.deepEqual(said(running, today, late), ['A look at “Trial 2” is late.', '', 2])
  assert.deepEqual(said({ ...late, lateLooks: 3 }), ['Looks at “Trial 2” are late: three.', '', 2])
  assert.deepEqual(said(late, row(4, 'running', { lateLooks: 2 })), [
    'Looks at two trials are late.',
    'Trial 2, Trial 4.',
    2,
  ])
  assert.deepEqual(said(running, today), ['Today “Trial 3” is looked at.', '', 3])
  assert.deepEqual(said(running, row(5, 'planned')), [
    'One trial is running.',
    'The next look is on 2026-11-15: Trial 1.',
    null,
  ])
  assert.deepEqual(said(row(1, 'running'), row(2, 'running')), [
    'Two trials are running.',
    '',
    null,
  ])
  assert.deepEqual(said(row(5, 'planned'), row(6, 'closed')), [
    '“Trial 5” is planned and not planted yet.',
    '',
    null,
  ])
  assert.deepEqual(said(row(5, 'planned'), row(7, 'ready')), [
    'Two trials are planned and not planted yet.',
    '',
    null,
  ])
  assert.deepEqual(said(row(6, 'closed')), ['The trial is over.', '', null])
  assert.equal(said(), null)
})
