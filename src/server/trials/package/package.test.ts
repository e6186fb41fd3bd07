import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import Papa from 'papaparse'
import { demoDatabase, NOW } from '../../../../testing/database'
import { fileName } from '../../../core/fileName'
import { listContainers, listPlaces } from '../../../data/containers'
import { findTrials, readTrial } from '../../../data/trials'
import { importTrial, newTrialPage, resultsPage, trialPackage, trialReadings } from '..'
import { PACKAGE_TABLES } from './schema'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

async function idOf(word: string): Promise<number> {
  const { rows } = await findTrials(garden.db, { find: word, offset: 0, limit: 1 })
  return rows[0]?.id ?? 0
}
const tableOf = (text: string) =>
  Papa.parse<Record<string, string>>(text.trim(), { header: true }).data

test('a package tells of every table what its columns are, and holds everything that was read', async () => {
  const id = await idOf('spring')
  const { bytes, type, fileName } = await trialPackage(garden.db, id, NOW)
  assert.equal(type, 'application/zip')
  assert.equal(fileName, 'spring-chard-bag-or-own-mix.zip')
  const files = unzipSync(bytes)
  const text = (name: string) => strFromU8(files[name] ?? new Uint8Array())
  const descriptor = JSON.parse(text('datapackage.json'))
  assert.equal(descriptor.innings.trial.must, 'survival')
  for (const { name, path, schema } of descriptor.resources) {
    const [head] = text(path).split('\r\n')
    assert.deepEqual(
      head?.split(','),
      schema.fields.map((field: { name: string }) => field.name),
    )
    assert.deepEqual(
      schema.fields.map((field: { type: string }) => field.type),
      PACKAGE_TABLES[name as keyof typeof PACKAGE_TABLES].map((field) => field.type),
    )
  }
  const pots = tableOf(text('pots.csv'))
  assert.equal(pots.length, 18)
  assert.equal(pots.filter((pot) => pot.left_out_for === 'animal').length, 1)
  const readings = tableOf(text('readings.csv'))
  const page = await resultsPage(garden.db, id, { measure: 'harvest' })
  const shown = page.pots.flatMap(({ value }) => value ?? [])
  const weighed = readings.filter(({ measure }) => measure === 'harvest')
  assert.deepEqual(
    weighed.map(({ value }) => Number(value)).sort((a, b) => a - b),
    shown.sort((a, b) => a - b),
  )
  assert.ok(weighed.every(({ unit, day }) => unit === 'g' && day === '56'))
  assert.equal(tableOf(text('events.csv')).length, 2)
})

test('readings of a trial that goes on can be had, its package not', async () => {
  const id = await idOf('strawberries')
  const { bytes } = await trialReadings(garden.db, id)
  assert.equal(tableOf(new TextDecoder().decode(bytes)).length, 18)
  await assert.rejects(trialPackage(garden.db, id, NOW), /goes on/)
  await assert.rejects(trialReadings(garden.db, await idOf('three mixes')), /not planted/)
})

test('a name in any script still makes a name of a file', () => {
  assert.equal(fileName('Été à l’ombre', 'trial'), 'ete-a-l-ombre')
  assert.equal(fileName('…', 'trial'), 'trial')
})

/** A package with some of its files changed. */
function changed(bytes: Uint8Array, files: Readonly<Record<string, (text: string) => string>>) {
  const there = unzipSync(bytes)
  return zipSync(
    Object.fromEntries(
      Object.entries(there).map(([name, content]) => [
        name,
        strToU8(files[name]?.(strFromU8(content)) ?? strFromU8(content)),
      ]),
    ),
  )
}

test('a trial comes back from its package with the same verdicts, pots and reasons', async () => {
  for (const word of ['spring', 'beans', 'weeds', 'celery', 'five crops']) {
    const id = await idOf(word)
    const { bytes } = await trialPackage(garden.db, id, NOW)
    const there = await listPlaces(garden.db)
    const { id: back } = await importTrial(garden.db, bytes, NOW)
    const told = async (of: number) => {
      const page = await resultsPage(garden.db, of)
      return {
        isVoid: page.isVoid,
        results: page.results,
        survival: page.survival,
        values: page.pots.map(({ treatment, value }) => [treatment, value]),
        happened: page.happened.map(({ kind, on, note }) => [kind, on, note]),
        leftOut: page.leftOut.map(({ on, happened, why }) => [on, happened, why]),
        names: page.treatments.map(({ name, used, planted }) => [name, used, planted]),
        closedOn: page.closedOn,
        lessons: page.lessons,
      }
    }
    assert.deepEqual(await told(back), await told(id), word)
    const trial = await readTrial(garden.db, back)
    assert.equal(trial.outcome?.isVoid, word === 'celery')
    // Nothing stands in the garden because of it.
    assert.equal((await listContainers(garden.db)).length, 60)
    assert.deepEqual(await listPlaces(garden.db), there)
    // It can be packed again, and planned again.
    assert.ok((await trialPackage(garden.db, back, NOW)).bytes.length > 500)
    assert.equal((await newTrialPage(garden.db, { like: back })).plan?.name, trial.name)
  }
})

test('a broken package is refused with the file and the line, and nothing of it is written', async () => {
  const { bytes } = await trialPackage(garden.db, await idOf('spring'), NOW)
  const before = (await findTrials(garden.db, { offset: 0, limit: 1 })).total
  const refused = async (broken: Uint8Array, pattern: RegExp) => {
    await assert.rejects(importTrial(garden.db, broken, NOW), (error: unknown) => {
      const { fields = [], message } = error as { fields?: { field: string }[]; message: string }
      assert.deepEqual(
        fields.map(({ field }) => field),
        ['package'],
      )
      assert.match(message, pattern)
      return true
    })
  }
  const having = (name: string, change: (text: string) => string) =>
    changed(bytes, { [name]: change })
  await refused(new Uint8Array([1, 2, 3]), /no archive/)
  await refused(bytes.subarray(0, bytes.length / 2), /no archive/)
  await refused(zipSync({ 'notes.txt': strToU8('hello') }), /datapackage\.json is missing/)
  await refused(
    having('datapackage.json', () => '{'),
    /no JSON/,
  )
  await refused(
    having('datapackage.json', () => '{"name":"other"}'),
    /no trial of this program/,
  )
  await refused(
    having('datapackage.json', (text) => text.replace('"format": 1', '"format": 2')),
    /another version/,
  )
  await refused(
    having('datapackage.json', (text) => text.replace('"survival"', '"luck"')),
    /datapackage\.json: /,
  )
  await refused(
    having('readings.csv', (text) => text.replace(/,(\d+(\.\d)?),cm/, ',tall,cm')),
    /readings\.csv, line 2: value is no number: tall/,
  )
  await refused(
    having('readings.csv', (text) => text.replace(/height,[\d.]+/, 'height,9000')),
    /line 2: height lies between 0 and 600/,
  )
  await refused(
    having('readings.csv', (text) => text.replace('pot,date', 'where,date')),
    /has no column pot/,
  )
  await refused(
    having('pots.csv', (text) => text.replace(/\r\n[A-Z]+\d+,/, '\r\nNOBODY,')),
    /pots\.csv has no pot/,
  )
  await refused(
    having('treatments.csv', (text) => text.replace('\r\n2,', '\r\n5,')),
    /numbered from 0/,
  )
  await refused(
    having('events.csv', (text) => text.replace('animal', 'eclipse')),
    /events\.csv, line 2: eclipse/,
  )
  assert.equal((await findTrials(garden.db, { offset: 0, limit: 1 })).total, before)
})
