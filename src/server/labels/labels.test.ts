import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import jsQR from 'jsqr'
import { demoDatabase } from '../../../testing/database'
import { addContainers, listContainers, requireContainers } from '../../data/containers'
import { NotFound } from '../../data/errors'
import { addressOfCode } from './addressOfCode'
import { labelsPage } from './labelsPage'
import { qrPath } from './qrPath'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

/** What a camera would see of a code: so many pixels for each module, black on white. */
function photograph({ path, modules }: ReturnType<typeof qrPath>, pixels = 4) {
  // The white of the label around it.
  const edge = 2
  const side = (modules + 2 * edge) * pixels
  const image = new Uint8ClampedArray(side * side * 4).fill(255)
  let [column, row] = [0, 0]
  for (const [, how, x = '', y = '', wide = ''] of path.matchAll(/(M|m)(\d+) ([\d.]+)h(\d+)/g)) {
    column = Number(x) + (how === 'M' ? 0 : column)
    row = how === 'M' ? Number(y) - 0.5 : row
    const [top, left] = [(row + edge) * pixels, (column + edge) * pixels]
    column += Number(wide)
    for (let y = top; y < top + pixels; y++) {
      for (let x = left; x < left + Number(wide) * pixels; x++) {
        image.fill(0, (y * side + x) * 4, (y * side + x) * 4 + 3)
      }
    }
  }
  return { image, side }
}

test('a scanner reads from every label the address of its own pot or lot', async () => {
  const page = await labelsPage(
    garden.db,
    { pots: '1,4,12', lots: '3' },
    'http://192.168.1.20:4321',
  )
  assert.deepEqual(
    page.labels.map(({ kind, code }) => [kind, code]),
    [
      ['pot', 'P01'],
      ['pot', 'P04'],
      ['pot', 'P12'],
      ['lot', 'L3'],
    ],
  )
  for (const { qr, address, kind, id } of page.labels) {
    const { image, side } = photograph(qr)
    assert.equal(jsQR(image, side, side)?.data, address)
    const leads = await addressOfCode(garden.db, address.split('/c/')[1] ?? '')
    assert.equal(leads, kind === 'pot' ? `/pots/${id}` : `/lots/${id}`)
  }
})

test('a code that was drawn before is drawn alike, for each address its own', () => {
  const one = qrPath('http://garden.example:4321/c/P01')
  assert.equal(qrPath('http://garden.example:4321/c/P01'), one)
  assert.notEqual(qrPath('http://garden.example:4321/c/P02').path, one.path)
  for (let at = 0; at < 1100; at++) qrPath(`http://garden.example/c/X${at % 40}`)
  assert.deepEqual(qrPath('http://garden.example:4321/c/P01'), one)
})

test('a spot of mud does not keep a label from being read', () => {
  const address = 'http://garden.example:4321/c/P07'
  const { image, side } = photograph(qrPath(address), 6)
  const from = Math.floor(side * 0.42)
  for (let y = from; y < from + side * 0.14; y++) {
    for (let x = from; x < from + side * 0.14; x++)
      image.fill(0, (y * side + x) * 4, (y * side + x) * 4 + 3)
  }
  assert.equal(jsQR(image, side, side)?.data, address)
})

test('a code opens its pot however it is typed; one that is not there says so', async () => {
  const { db } = garden
  const [pot] = await requireContainers(db, [7])
  assert.equal(await addressOfCode(db, 'p07'), '/pots/7')
  assert.equal(await addressOfCode(db, ` ${pot?.code} `), '/pots/7')
  assert.equal(await addressOfCode(db, 'l2'), '/lots/2')
  for (const code of ['P99', 'L999', 'L0', '', "' or 1=1", 'L99999999999']) {
    await assert.rejects(addressOfCode(db, code), NotFound)
  }
})

test('all pots, those of a place, or those chosen; a label tells mix, innings and what grows', async () => {
  const { db } = garden
  const all = await labelsPage(db, {}, 'http://localhost:4321')
  assert.equal(all.isOnlyHere, true)
  assert.ok(all.labels.length >= 12)
  const [place = ''] = all.places
  const there = await labelsPage(db, { place }, 'http://localhost:4321')
  assert.ok(there.labels.length > 0 && there.labels.length < all.labels.length)
  assert.ok(there.labels.every((label) => label.place === place))
  const trough = all.labels.find(({ code }) => code === 'P01')
  assert.equal(trough?.lotName, 'Long trough by the door')
  assert.ok((trough?.innings ?? 0) > 0)
  assert.ok(trough && trough.strata.length > 0)
  const empty = all.labels.find(({ innings }) => innings === null)
  assert.deepEqual([empty?.lotName, empty?.strata], ['', []])
  const elsewhere = await labelsPage(
    db,
    { pots: '1', at: 'http://shed.local:8080/' },
    'http://localhost',
  )
  assert.equal(elsewhere.labels[0]?.address, 'http://shed.local:8080/c/P01')
  assert.equal(elsewhere.isOnlyHere, false)
  const none = await labelsPage(db, { pots: '999999' }, 'http://localhost')
  assert.deepEqual(none.labels, [])
})

test('no more are shown at once than anybody prints, and it is told how many are left', async () => {
  const { db } = garden
  const there = (await listContainers(db)).length
  const shape = { kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 18 } as const
  const pot = {
    name: 'Row pot',
    place: 'South wall',
    shape,
    headspaceCm: 2,
    exposure: 'open',
  } as const
  await addContainers(db, pot, 230)
  const page = await labelsPage(db, {}, 'http://localhost:4321')
  assert.equal(page.labels.length, 210)
  assert.equal(page.left, there + 230 - 210)
  const lots = await labelsPage(db, { lots: '1,2' }, 'http://localhost:4321')
  assert.deepEqual([lots.labels.length, lots.left], [2, 0])
})
