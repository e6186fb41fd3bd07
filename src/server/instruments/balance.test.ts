import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase } from '../../../testing/database'
import { findTrials, readTrial } from '../../data/trials'
import { readConfig } from '../config'
import { balanceKind, balanceView, layOnPan } from '.'
import { shootsOf } from './layOnPan'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => {
  delete process.env.INNINGS_BALANCE
  return garden.close()
})

test('a balance is named by its host and port; in the made-up garden alone a simulated one stands there by itself', () => {
  const of = (setting: string | undefined, demo = '0') =>
    readConfig({ INNINGS_BALANCE: setting, INNINGS_DEMO: demo }).balance
  assert.equal(of(undefined), null)
  assert.equal(of(undefined, '1'), 'simulated')
  assert.equal(of('none', '1'), null)
  assert.deepEqual(of('scale.local:5000'), { host: 'scale.local', port: 5000 })
  assert.deepEqual(of('[::1]:5000'), { host: '::1', port: 5000 })
  for (const wrong of ['scale', ':80', 'scale:', 'scale:0', 'scale:70000']) {
    assert.throws(() => of(wrong), /INNINGS_BALANCE must be a host and port/)
  }
})

test('what is laid on the simulated one is the same for the same pot, and nothing can be laid on another', async () => {
  const { rows } = await findTrials(garden.db, { find: 'fed or not', offset: 0, limit: 1 })
  const { id: trialId, potList } = await readTrial(garden.db, rows[0]?.id ?? 0)
  const pot = { trialId, potId: potList[0]?.id ?? 0 }
  process.env.INNINGS_BALANCE = 'none'
  assert.deepEqual(balanceView(), { kind: 'none', grams: null, isStable: false })
  await assert.rejects(layOnPan(garden.db, { pot }), /Only a simulated balance/)
  process.env.INNINGS_BALANCE = 'simulated'
  assert.equal(balanceKind(), 'simulated')
  assert.equal((await layOnPan(garden.db, { pot })).kind, 'simulated')
  await assert.rejects(
    layOnPan(garden.db, { pot: { trialId, potId: 99_999 } }),
    /no pot 99999 in this trial/,
  )
  const weight = await shootsOf(garden.db, pot)
  assert.ok(weight > 5 && weight < 2000)
  assert.equal(await shootsOf(garden.db, pot), weight)
  assert.equal((await layOnPan(garden.db, { pot: null })).kind, 'simulated')
})
