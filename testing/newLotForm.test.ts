import assert from 'node:assert/strict'
import { test } from 'node:test'
import { DEFAULT_MEASURES as measures } from '../src/core/units'
import { bodyOf, DEFAULT_LOT, type LotValues, shapeOf } from '../src/features/media/newLotValues'
import { newLotSchema } from '../src/messages/media/lots'
import { validate } from '../src/server/validate'

const filled: LotValues = {
  ...DEFAULT_LOT,
  name: 'North tub',
  place: 'North landing',
  topDiameter: '40 cm',
  baseDiameter: '12 in',
  height: '0.4 m',
  components: [
    { materialId: 'perlite', litres: '2 1/2 gal' },
    { materialId: '', litres: '' },
  ],
}

test('what a grower types becomes cm and litres', () => {
  const described = shapeOf(filled, measures)
  assert.deepEqual(described?.shape, {
    kind: 'round',
    topDiameterCm: 40,
    baseDiameterCm: 30.48,
    heightCm: 40,
  })
  const body = bodyOf(filled, measures) as unknown as { components: { litres: number }[] }
  assert.equal(body.components.length, 1, 'an empty last row is no part of the mix')
  assert.equal(body.components[0]?.litres.toFixed(3), '9.464')
  assert.doesNotThrow(() => validate(newLotSchema, JSON.parse(JSON.stringify(body)), false))
})

test('an empty form is refused field by field, each in words for the grower', () => {
  const sent = JSON.parse(JSON.stringify(bodyOf(DEFAULT_LOT, measures)))
  assert.throws(
    () => validate(newLotSchema, sent, false),
    (error) => {
      const { fields } = error as { fields: { field: string; message: string }[] }
      const at = (field: string) => fields.find((one) => one.field === field)?.message
      assert.equal(at('name'), 'Give the lot a name.')
      assert.equal(at('components.0.materialId'), 'Choose a material.')
      assert.equal(at('components.0.litres'), 'Say how much, such as 12 L.')
      assert.match(at('container.shape.topDiameterCm') ?? '', /a length such as/)
      return true
    },
  )
})

test('letters and negative litres are refused at their row', () => {
  for (const litres of ['plenty', '-4 L']) {
    const sent = JSON.parse(
      JSON.stringify(
        bodyOf({ ...filled, components: [{ materialId: 'perlite', litres }] }, measures),
      ),
    )
    assert.throws(
      () => validate(newLotSchema, sent, false),
      (error) =>
        (error as { fields: { field: string }[] }).fields[0]?.field === 'components.0.litres',
    )
  }
})
