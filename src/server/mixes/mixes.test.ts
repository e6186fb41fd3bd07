import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { eq } from 'drizzle-orm'
import { demoDatabase, NOW } from '../../../testing/database'
import { close as near } from '../../../testing/tables'
import { blendMedia, containerCapacity } from '../../core/media'
import { addSampleCalibration } from '../../data/bench'
import { materials, materialsById, readLot } from '../../data/media'
import { listMixes, readMix } from '../../data/mixes'
import type { NewTreatment } from '../../messages/media/treatments'
import { newFound } from '../lots'
import { newTreatment } from '../media'
import { Refused } from '../problem'
import { comparePage } from './comparePage'
import { mixDesignPage } from './mixDesignPage'
import { mixesPage } from './mixesPage'
import { testOfMix, testsOfMixes } from './mixSetting'
import { mixToLot, saveMix, saveNextVersion } from './saveMix'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const HYDRAULICS = { curve: { thetaS: 0.85, thetaR: 0.1, alpha: 0.3, n: 1.5 }, ksCmPerS: 0.01 }

async function bodyOf(id: number) {
  const { name, parts, madeFor } = await mixDesignPage(garden.db, { mix: id })
  return { name, parts, madeFor, note: '' }
}

test('the list shows each mix with its air in the pot it was designed for', async () => {
  const { mixes, groups } = await mixesPage(garden.db)
  assert.equal(mixes.length, 4)
  assert.equal(groups.length, 10)
  const trough = mixes.find(({ name }) => name === 'Trough mix for strawberries')
  const { versions } = await readMix(garden.db, trough?.id ?? 0)
  const [{ parts, madeFor }] = versions
  const all = await materialsById(garden.db)
  const { curve } = blendMedia({
    components: parts.flatMap(({ materialId, litres }) => {
      const material = all.get(materialId)
      return material ? [{ material, parts: litres }] : []
    }),
  })
  const { shape, headspaceCm } = madeFor.container
  const fillHeightCm = shape.heightCm - headspaceCm
  near(trough?.air ?? 0, containerCapacity({ curve, shape, fillHeightCm }).airFraction, 1e-9)
})

test('a design begins from a recipe, a lot, a group, a bag, or nothing', async () => {
  const from = async (query: Parameters<typeof mixDesignPage>[1]) => mixDesignPage(garden.db, query)
  const total = ({ parts }: Awaited<ReturnType<typeof from>>) =>
    parts.reduce((sum, { litres }) => sum + litres, 0)
  assert.equal((await from({ mix: 1 })).versions.length, 3)
  near(total(await from({ lot: 3 })), 10, 0.2)
  for (const { id } of (await from({})).groups) {
    const begun = await from({ group: id })
    assert.equal(begun.madeFor.groupId, id)
    near(total(begun), 10, 0.2, id)
    assert.ok(begun.first, `${id} is worked out with the page`)
  }
  assert.deepEqual((await from({ bag: 'seed-mix' })).parts, [
    { materialId: 'seed-mix', litres: 10 },
  ])
  const nothing = await from({})
  assert.equal(nothing.first, null)
  await assert.rejects(from({ group: 'weeds' }), /no such plant group/)
  await assert.rejects(from({ bag: 'weeds' }), /no such bag/)
  await assert.rejects(from({ mix: 99 }), /There is no mix 99/)
})

test('the month that is worked out is the one in which the air takes most', async () => {
  assert.equal((await mixDesignPage(garden.db, {})).month, 6)
})

test('a mix of nothing, or in a pot without room, is refused', async () => {
  const body = await bodyOf(1)
  const empty = body.parts.map((part) => ({ ...part, litres: 0 }))
  await assert.rejects(saveMix(garden.db, { ...body, parts: empty }, NOW), /all parts are 0/)
  const { shape } = body.madeFor.container
  await assert.rejects(
    saveMix(
      garden.db,
      {
        ...body,
        madeFor: { ...body.madeFor, container: { shape, headspaceCm: shape.heightCm } },
      },
      NOW,
    ),
    /headspace must be less/,
  )
})

test('a material that was put away may stay in a mix that holds it, but comes into no other', async () => {
  await garden.db
    .update(materials)
    .set({ putAwayAt: NOW })
    .where(eq(materials.id, 'vermiculite-medium'))
  const basket = (await mixesPage(garden.db)).mixes.find(({ name }) => /Basket/.test(name))
  const id = basket?.id ?? 0
  const page = await mixDesignPage(garden.db, { mix: id })
  assert.ok(page.materials.find(({ material }) => material.id === 'vermiculite-medium')?.putAway)
  assert.equal(await saveNextVersion(garden.db, id, { ...(await bodyOf(id)), after: 1 }, NOW), 2)
  await assert.rejects(saveMix(garden.db, await bodyOf(id), NOW), /was put away/)
})

test('a batch becomes a lot of as many litres, its parts as in the recipe', async () => {
  const lotId = await mixToLot(garden.db, 1, { litres: 45, name: 'Batch', storeBin: 'Bin 4' }, NOW)
  const { contents, storeBin, ledger } = await readLot(garden.db, lotId)
  near(contents.litres, 45, 1e-9)
  assert.equal(storeBin, 'Bin 4')
  const perlite = contents.components.find(({ materialId }) => materialId === 'perlite-coarse')
  near(perlite?.litres ?? 0, 45 * 0.27, 1e-6)
  assert.match(ledger[0]?.note ?? '', /version 3: 4\d\.\d L measured out/)
})

test('mixes are compared as their own tests found them, those written anew since as their parts say', async () => {
  const { db } = garden
  const calibration = (kscm: number) => ({
    testIds: [],
    from: ['drain' as const],
    prior: HYDRAULICS,
    measured: { ...HYDRAULICS, ksCmPerS: kscm },
    doubts: [],
  })
  const [first, second] = await listMixes(db)
  assert.ok(first && second)
  const later = (at: Date) => new Date(at.getTime() + 60_000)
  const [{ at: firstAt }, { at: secondAt }] = [first.versions[0], second.versions[0]]
  await addSampleCalibration(
    db,
    { kind: 'mix', id: first.id },
    { ...calibration(0.02), at: later(firstAt) },
  )
  await addSampleCalibration(
    db,
    { kind: 'mix', id: first.id },
    { ...calibration(0.05), at: later(later(firstAt)) },
  )
  await addSampleCalibration(
    db,
    { kind: 'mix', id: second.id },
    { ...calibration(0.03), at: new Date(secondAt.getTime() - 1) },
  )
  const written = [first, second].map(({ id, versions: [{ at }] }) => ({ id, writtenAt: at }))
  const together = await testsOfMixes(db, written)
  for (const { id, writtenAt } of written) {
    assert.deepEqual(together.get(id) ?? null, await testOfMix(db, id, writtenAt))
  }
  assert.equal(together.get(first.id)?.measured.ksCmPerS, 0.05, 'the newest')
  assert.equal(together.has(second.id), false, 'it was another recipe then')
  const page = await comparePage(db, {})
  const shown = (id: number) => page.mixes.find(({ key }) => key === String(id))
  assert.ok((shown(first.id)?.asTested.length ?? 0) > 0)
  assert.deepEqual(shown(second.id)?.asTested, [])
})

test('what the address asks to compare and is not there is left out', async () => {
  const page = await comparePage(garden.db, { mixes: '1,77,seed-mix', pots: '0,1,99' })
  assert.deepEqual(page.chosenMixes, ['1', 'seed-mix'])
  assert.deepEqual(page.chosenPots, [0, 1])
  assert.equal((await comparePage(garden.db, {})).chosenMixes.length, 2)
})

test('a lot that is kept apart or given up is no beginning; one with a family kept out tells it', async () => {
  const { db } = garden
  const offered = async (id: number) => (await mixesPage(db)).lots.some((lot) => lot.id === id)
  assert.ok(await offered(7))
  const now = new Date()
  const until = new Date(now.getTime() + 40 * 86_400_000).toISOString().slice(0, 10)
  const apart = { kind: 'quarantine', skimCm: null, topTo: 'bin', until, note: 'wilt next door' }
  await newTreatment(db, 7, apart as NewTreatment, now)
  assert.ok(!(await offered(7)))
  await assert.rejects(
    mixDesignPage(db, { lot: 7 }),
    (error: unknown) => error instanceof Refused && error.message.includes(until),
  )
  await newFound(db, 6, { problemId: 'lead-paint' }, now)
  assert.ok(!(await offered(6)))
  await assert.rejects(mixDesignPage(db, { lot: 6 }), /does not belong in pots again/)
  await newFound(db, 15, { problemId: 'fusarium-wilt' }, now)
  const { from } = await mixDesignPage(db, { lot: 15 })
  assert.equal(from?.id, 15)
  assert.ok(from?.judged)
})
