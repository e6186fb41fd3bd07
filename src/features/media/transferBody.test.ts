import assert from 'node:assert/strict'
import { test } from 'node:test'
import { DEFAULT_MEASURES as measures } from '../../core/units'
import { TRANSFER_DEFAULTS, type TransferValues, transferRequest } from './transferBody'

const asked = (values: Partial<TransferValues>) =>
  transferRequest({ ...TRANSFER_DEFAULTS, ...values }, 'North tub', measures)

test('a part goes into another lot, in litres whatever was typed', () => {
  assert.deepEqual(asked({ where: 'lot', lotId: '7', litres: '2 1/2 gal', despite: 'same crop' }), {
    kind: 'transfer',
    body: {
      litres: 9.46352946,
      to: { kind: 'lot', lotId: 7 },
      note: '',
      despite: 'same crop',
    },
  })
})

test('all of it into another lot has no litres: the server knows how much there is', () => {
  const request = asked({ where: 'lot', lotId: '7' })
  assert.equal(request?.kind, 'transfer')
  assert.equal(request?.kind === 'transfer' && request.body.litres, null)
})

test('all of it to another place stays the same lot', () => {
  assert.deepEqual(asked({ where: 'store', storeBin: 'Bin 2' }), {
    kind: 'move',
    body: { containerIds: [], storeBin: 'Bin 2' },
  })
  assert.deepEqual(asked({ where: 'pots', pots: ['3', '4'], storeBin: 'left from before' }), {
    kind: 'move',
    body: { containerIds: [3, 4], storeBin: '' },
  })
})

test('a part in pots is a lot of its own, named after where it came from unless it has a name', () => {
  const nameOf = (name: string) => {
    const request = asked({ where: 'pots', pots: ['3'], litres: '4', name })
    return request?.kind === 'transfer' && request.body.to.kind === 'new' && request.body.to.name
  }
  assert.equal(nameOf('  '), 'North tub, part')
  assert.equal(nameOf(' Sieved half '), 'Sieved half')
})

test('pots chosen before the store was are not sent along, nor a bin with pots', () => {
  const request = asked({ where: 'store', pots: ['3'], litres: '4', storeBin: 'Bin 2' })
  assert.deepEqual(request?.kind === 'transfer' && request.body.to, {
    kind: 'new',
    name: 'North tub, part',
    containerIds: [],
    storeBin: 'Bin 2',
  })
})

test('litres that cannot be read ask for nothing', () => {
  assert.equal(asked({ litres: 'some' }), null)
  assert.equal(asked({ litres: '4 kg' }), null)
})
