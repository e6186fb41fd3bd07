import assert from 'node:assert/strict'
import { test } from 'node:test'
import { LABEL_SIZES, labelsQuerySchema } from '../../messages/labels'
import { fitText } from './fitText'
import { mixesOf } from './mixesOf'
import { sheetsOf } from './sheets'

test('a long name is broken at its spaces, and cut where it still does not fit', () => {
  assert.deepEqual(fitText('Long trough by the door', 20, 2.5, 2), ['Long trough by', 'the door'])
  assert.deepEqual(fitText('Long trough by the door', 20, 2.5, 1), ['Long trough by…'])
  assert.deepEqual(fitText('Rhododendronhecke', 10, 2.5, 2), ['Rhodode…'])
  assert.deepEqual(fitText('  ', 10, 2.5, 2), [])
})

test('labels used before stay free, on the first sheet only', () => {
  const sheet = LABEL_SIZES.find(({ id }) => id === 'sheet-21')
  assert.ok(sheet)
  const labels = Array.from({ length: 30 }, (_, id) => ({ id }) as never)
  const sheets = sheetsOf(labels, sheet, 5)
  assert.equal(sheets.length, 2)
  assert.deepEqual(sheets[0]?.slice(0, 5), [null, null, null, null, null])
  assert.equal(sheets.flat().filter((one) => one !== null).length, 30)
  assert.equal(sheets[1]?.length, 14)
})

test('a mix is drawn once for all labels that show it, another mix or other shares anew', () => {
  const label = (...strata: [string, number][]) =>
    ({ strata: strata.map(([materialId, share]) => ({ materialId, share })) }) as never
  const rich = label(['peat', 0.6], ['bark', 0.4])
  const lean = label(['peat', 0.4], ['bark', 0.6])
  const empty = label()
  const mixes = mixesOf([rich, empty, lean, label(['peat', 0.6], ['bark', 0.4])])
  assert.deepEqual(
    mixes.pictures.map(({ id }) => id),
    ['mix-1', 'mix-2'],
  )
  assert.deepEqual([rich, lean, empty].map(mixes.idOf), ['mix-1', 'mix-2', null])
})

test('every size lies on its sheet', () => {
  for (const {
    id,
    columns,
    rows,
    widthMm,
    heightMm,
    leftMm,
    topMm,
    gapMm,
    isRoll,
  } of LABEL_SIZES) {
    if (isRoll) continue
    const right = leftMm + columns * widthMm + (columns - 1) * gapMm
    assert.ok(right <= 210, `${id} is ${right} mm wide`)
    assert.ok(topMm + rows * heightMm <= 297, id)
  }
})

test('what cannot be meant is refused in a sentence', () => {
  const refused = (query: object) => labelsQuerySchema.validate(query).error?.message ?? ''
  assert.match(refused({ pots: '1,x' }), /numbers with commas/)
  assert.match(refused({ size: 'poster' }), /Choose a size/)
  assert.match(refused({ skip: 'some' }), /a number from 0 to 20/)
  assert.match(refused({ at: 'javascript:alert(1)' }), /begins with http/)
})
