import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { addMixVersion, createMix, listMixes, putAwayMix, readMix } from './mixes'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const version = (litres: number) => ({
  parts: [{ materialId: 'pumice', litres }],
  madeFor: {
    container: { shape: { kind: 'bowl', rimDiameterCm: 30, heightCm: 14 }, headspaceCm: 2 },
    containerName: 'Bowl',
    cropId: null,
    groupId: 'succulents',
    exposure: 'open',
    everyDays: 4,
  } as const,
  note: null,
})

test('versions are only ever added: the older ones stay readable, newest first', async () => {
  const id = await createMix(garden.db, { ...version(5), name: 'Stones', at: NOW })
  const number = await addMixVersion(garden.db, id, {
    ...version(7),
    name: 'More stones',
    after: 1,
    at: NOW,
  })
  assert.equal(number, 2)
  const { name, versions } = await readMix(garden.db, id)
  assert.equal(name, 'More stones')
  assert.deepEqual(
    versions.map(({ parts }) => parts[0]?.litres),
    [7, 5],
  )
})

test('a version made from an older one is refused, and nothing of it is written', async () => {
  const id = await createMix(garden.db, { ...version(5), name: 'Twice', at: NOW })
  await addMixVersion(garden.db, id, { ...version(6), name: 'Twice', after: 1, at: NOW })
  await assert.rejects(
    addMixVersion(garden.db, id, { ...version(9), name: 'Other name', after: 1, at: NOW }),
    /Version 2 was saved in the meantime/,
  )
  const { name, versions } = await readMix(garden.db, id)
  assert.equal(name, 'Twice')
  assert.equal(versions.length, 2)
})

test('a mix that was put away is gone from the list until it is taken up again', async () => {
  const id = await createMix(garden.db, { ...version(5), name: 'Away', at: NOW })
  await putAwayMix(garden.db, id, NOW)
  await assert.rejects(readMix(garden.db, id), /There is no mix/)
  await assert.rejects(
    addMixVersion(garden.db, id, { ...version(6), name: 'Away', after: 1, at: NOW }),
    /There is no mix/,
  )
  await putAwayMix(garden.db, id, null)
  assert.ok((await listMixes(garden.db)).some((mix) => mix.id === id))
  await assert.rejects(putAwayMix(garden.db, 999, NOW), /There is no mix 999/)
})
