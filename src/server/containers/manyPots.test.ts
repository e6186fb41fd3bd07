import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { close as near } from '../../../testing/tables'
import { DomainError } from '../../core/errors'
import { DEFAULT_MEASURES } from '../../core/units'
import { listContainers, putContainersAway, takeContainersUp } from '../../data/containers'
import { Conflict } from '../../data/errors'
import { presentInnings, readLot } from '../../data/media'
import { openPlantings } from '../../data/season'
import { potsPage } from '../containers'
import { lotPage } from '../media'
import { Refused } from '../problem'
import { changePots, putPotsBack } from './changePots'
import { endMany } from './endMany'
import { readPastedPots } from './pastedPots'
import { pastePots } from './pastePots'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const read = (text: string, taken: readonly string[] = []) =>
  readPastedPots(text, new Set(taken), DEFAULT_MEASURES, [
    { id: 'all-purpose-mix', name: 'All-purpose bagged mix' },
  ])
const errorsOf = (text: string, taken: readonly string[] = []) =>
  read(text, taken).rows.flatMap(({ line, errors }) =>
    errors.map(({ column, message }) => `${line} ${column}: ${message}`),
  )

test('a table is read by its headings, whatever parts its cells and whatever unit the sizes have', () => {
  const tabs = read(
    'Code\tPot\tWhere\tShape\tTop (cm)\tBase\tHeight\tGap\n' +
      'T1\tTub\tYard\tround\t30\t24\t30\t2\n' +
      '\t"Trough, long"\tYard\ttrough\t12 in\t\t10 in\t',
  )
  assert.deepEqual(tabs.columns, ['code', 'name', 'place', 'shape', 'top', 'base', 'height', 'gap'])
  const [tub, trough] = tabs.rows
  assert.deepEqual(tub?.pot?.shape, {
    kind: 'round',
    topDiameterCm: 30,
    baseDiameterCm: 24,
    heightCm: 30,
  })
  near(tub?.litres ?? 0, 15.9, 0.2)
  assert.equal(trough?.name, 'Trough, long')
  assert.deepEqual(trough?.assumed, ['base', 'length', 'gap'])
  const shape = trough?.pot?.shape
  assert.ok(shape?.kind === 'rectangular')
  near(shape.topWidthCm, 30.48, 1e-9)
  near(shape.baseWidthCm, 24.384, 1e-9)
  const semicolons = read('name;place;top;height;count;colour\nBasket;Arch;35;18;4;blue')
  assert.deepEqual(semicolons.passedOver, ['colour'])
  assert.equal(semicolons.rows[0]?.pot?.count, 4)
})

test('each row says what is wrong with it, at its column, and the others stay right', () => {
  const head = 'code,name,place,shape,top,height,gap,count\n'
  assert.deepEqual(
    errorsOf(
      `${head}A1,Tub,Yard,round,30,30,,\nA1,Tub,Yard,round,30,30,,\nP01,Tub,,round,30,30,,\nB,Tub,Yard,star,30,30,,\n,Tub,Yard,round,wide,30,,\n,Tub,Yard,round,30,2 miles,,\n,Tub,Yard,round,30,10,10,\n,Tub,Yard,round,30,30,,2.5\n,Tub,Yard,round,,30,,\nC,Tub,Yard,round,30,30,,3`,
      ['P01'],
    ).map((line) => line.split(':')[0]),
    [
      '3 code',
      '4 code',
      '4 place',
      '5 shape',
      '6 top',
      '7 height',
      '8 gap',
      '9 count',
      '10 top',
      '11 count',
    ],
  )
})

test('a cell that cannot be written down is told at its row, whatever stands in it', () => {
  const head = 'name\tplace\ttop\theight\n'
  const bad = ['Bell\u0007pot', 'Nul\u0000pot', 'Half\ud83cpot', '"Two\nlines"']
  for (const name of bad) {
    assert.match(errorsOf(`${head}${name}\tYard\t30\t30`).join(), /name: Holds a character/)
  }
  assert.deepEqual(errorsOf(`${head}<b>Pot</b> 'O' é\tYard\t30\t30`), [])
})

test('no table, no headings, nothing below them and too much are refused in a sentence', () => {
  const refused = (text: string) => {
    try {
      read(text)
    } catch (error) {
      assert.ok(error instanceof DomainError)
      return error.message
    }
    return ''
  }
  assert.match(refused('hello'), /first row names the columns/)
  assert.match(refused('name,place,top,height\n'), /no row below/)
  assert.match(
    refused(`name,place,top,height\n${'Tub,Yard,30,30\n'.repeat(501)}`),
    /up to 500 rows/,
  )
  assert.match(refused('name,place,top,height\n"Tub,Yard,30,30'), /no table that can be read/)
})

test('while a row is wrong none is made; once all are right all are, with the next free codes', async () => {
  const { db } = garden
  const before = (await listContainers(db)).length
  const head = 'code\tname\tplace\ttop\theight\tcount\n'
  const wrong = await pastePots(
    db,
    {
      text: `${head}T1\tTub\tYard\t30\t30\t\nT2\tTub\t\t30\t30\t`,
      check: false,
    },
    NOW,
  )
  assert.deepEqual(wrong.ids, [])
  assert.equal((await listContainers(db)).length, before)
  const text = `${head}T1\tTub\tYard\t30\t30\t\n\tPlug pot\tBench\t9\t8\t12`
  const looked = await pastePots(db, { text, check: true }, NOW)
  assert.deepEqual([looked.ids.length, (await listContainers(db)).length], [0, before])
  const { ids } = await pastePots(db, { text, check: false }, NOW)
  assert.equal(ids.length, 13)
  const codes = (await listContainers(db))
    .filter(({ id }) => ids.includes(id))
    .map(({ code }) => code)
  assert.ok(codes.includes('T1') && codes.includes('P61') && codes.includes('P72'))
  const again = await pastePots(db, { text, check: false }, NOW)
  assert.match(again.rows[0]?.errors[0]?.message ?? '', /T1 is given out already/)
  const page = await potsPage(db, { place: 'Bench' })
  assert.equal(page.counts.empty, 12)
})

test('pots of a table that are filled become lots as old as their years', async () => {
  const { db } = garden
  const head = 'name\tplace\ttop\theight\tcount\tmix\tyears\n'
  const text = `${head}New tub\tLoft\t30\t30\t2\tAll-purpose bagged mix\t\nOld tub\tLoft\t30\t30\t2\tall-purpose-mix\t3`
  const { ids, rows } = await pastePots(db, { text, check: false }, NOW)
  assert.deepEqual(
    rows.map(({ years }) => years),
    [null, 3],
  )
  const lotOf = async (id: number | undefined) => {
    const pot = (await listContainers(db)).find((one) => one.id === id)
    return lotPage(db, pot?.lotId ?? 0, NOW)
  }
  const [fresh, old] = [await lotOf(ids[0]), await lotOf(ids[3])]
  near(fresh.litres, 2 * (rows[0]?.litres ?? 0), 1e-9)
  assert.ok((old.air?.value ?? 1) < (fresh.air?.value ?? 0) - 0.02, 'three seasons take air')
  assert.ok((old.ecSme?.value ?? 9) < (fresh.ecSme?.value ?? 0), 'and the starter')
  assert.deepEqual(
    errorsOf(
      `${head}Tub\tYard\t30\t30\t1\tmoon dust\t2\nTub\tYard\t30\t30\t1\t\t2\nTub\tYard\t30\t30\t1\tall-purpose-mix\told`,
    ).map((line) => line.split(':')[0]),
    ['2 mix', '3 mix', '4 years'],
  )
})

test('many pots change alike, what hangs on it is worked out anew, and each goes back as it was', async () => {
  const { db } = garden
  const pots = (await listContainers(db)).filter(({ lotId }) => lotId !== null).slice(0, 3)
  const ids = pots.map(({ id }) => id)
  const lotId = pots[0]?.lotId ?? 0
  const { version } = await readLot(db, lotId)
  const { before } = await changePots(db, {
    ids,
    place: 'Under the eaves',
    name: '',
    exposure: 'shade',
  })
  const moved = (await listContainers(db)).filter(({ id }) => ids.includes(id))
  assert.ok(
    moved.every(({ place, exposure }) => place === 'Under the eaves' && exposure === 'shade'),
  )
  assert.deepEqual(
    moved.map(({ name }) => name),
    pots.map(({ name }) => name),
  )
  assert.ok((await readLot(db, lotId)).version > version)
  assert.equal((await lotPage(db, lotId, NOW)).exposure, 'shade')
  await putPotsBack(db, { pots: before })
  const back = (await listContainers(db)).filter(({ id }) => ids.includes(id))
  assert.deepEqual(
    back.map(({ place, exposure }) => [place, exposure]),
    pots.map(({ place, exposure }) => [place, exposure]),
  )
  await assert.rejects(
    changePots(db, { ids, place: ' ', name: '', exposure: null }),
    (error: unknown) => error instanceof Refused && error.fields[0]?.field === 'place',
  )
})

test('pots with a mix are not put away; empty ones are, and come back', async () => {
  const { db } = garden
  const all = await listContainers(db)
  const full = all.find(({ lotId }) => lotId !== null)
  const empty = all.find(({ lotId }) => lotId === null)
  assert.ok(full && empty)
  await assert.rejects(putContainersAway(db, [full.id, empty.id], NOW), Conflict)
  assert.equal((await listContainers(db)).length, all.length, 'neither of them')
  await putContainersAway(db, [empty.id], NOW)
  assert.equal(
    (await listContainers(db)).some(({ id }) => id === empty.id),
    false,
  )
  await takeContainersUp(db, [empty.id])
  assert.equal((await listContainers(db)).length, all.length)
})

test('the season of many pots ends at once: their lots wait for the next innings', async () => {
  const { db } = garden
  const open = await openPlantings(db)
  const [first] = open
  assert.ok(first)
  const pots = [
    ...new Set(open.filter(({ lotId }) => lotId === first.lotId).map((one) => one.containerId)),
  ]
  const end = { pots, on: '2026-11-01', growth: 4, why: 'season over', note: '' } as const
  await assert.rejects(endMany(db, { ...end, on: '2027-01-01' }, NOW), /has not come yet/)
  await assert.rejects(endMany(db, { ...end, on: '2020-01-01' }, NOW), /cannot end before/)
  const { ids, lotIds } = await endMany(db, end, NOW)
  assert.ok(ids.length >= 1)
  assert.deepEqual(lotIds, [first.lotId])
  assert.equal(presentInnings(await readLot(db, first.lotId)), null)
  assert.equal((await openPlantings(db)).length, open.length - ids.length)
  await assert.rejects(endMany(db, end, NOW), /Nothing grows in these pots/)
})
