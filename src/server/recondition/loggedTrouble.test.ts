import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { TROUGH_TO_STRAWBERRY } from '../../../testing/answers'
import { demoDatabase, NOW } from '../../../testing/database'
import { appendLines } from '../../data/media'
import { setLogCounts, writeLog } from '../../data/season'
import { intakePage } from './intakePage'
import { recipePage } from './recipePage'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const days = (count: number) => new Date(NOW.getTime() + count * 86_400_000)

/** At the trough of the demo garden, whose mix is lot 1. */
async function log(kind: 'stays wet' | 'dries fast', at: Date): Promise<number> {
  return writeLog(garden.db, {
    containerId: 1,
    plantingId: null,
    lotId: 1,
    at,
    kind,
    value: null,
    problemId: null,
    findingId: null,
    note: null,
  })
}

test('what stayed wet twice waits in the next recipe: it aims at more air, and says why', async () => {
  const { db } = garden
  const before = await recipePage(db, TROUGH_TO_STRAWBERRY, NOW)
  assert.equal(before.trouble, null)
  await log('stays wet', days(0.001))
  assert.equal(
    (await recipePage(db, TROUGH_TO_STRAWBERRY, NOW)).trouble,
    null,
    'once is the weather',
  )
  const second = await log('stays wet', days(4))
  const page = await recipePage(db, TROUGH_TO_STRAWBERRY, NOW)
  assert.deepEqual(page.trouble, { kind: 'wet', code: 'P01', times: 2, everyDays: null })
  assert.ok(page.crop.airMin > before.crop.airMin)
  assert.ok(page.recipe.predicted.airFraction > before.recipe.predicted.airFraction)
  assert.equal((await intakePage(db, 1)).trouble?.kind, 'wet')
  await setLogCounts(db, second, false, NOW)
  const back = await recipePage(db, TROUGH_TO_STRAWBERRY, NOW)
  assert.equal(back.trouble, null)
  assert.deepEqual(back.recipe.parts, before.recipe.parts)
})

test('what dried out too fast twice asks the recipe for more days; both together ask nothing', async () => {
  const { db } = garden
  assert.equal((await intakePage(db, 1)).answers.every, null)
  await log('dries fast', days(5))
  await log('dries fast', days(9))
  const { trouble, answers } = await intakePage(db, 1)
  assert.equal(trouble?.kind, 'dry')
  assert.ok(trouble.everyDays !== null && trouble.everyDays >= 1)
  assert.equal(answers.every, trouble.everyDays)
  const wet = await log('stays wet', days(9.5))
  assert.equal((await intakePage(db, 1)).trouble, null)
  await setLogCounts(db, wet, false, NOW)
})

test('a new mix begins anew', async () => {
  const { db } = garden
  assert.equal((await intakePage(db, 1)).trouble?.kind, 'dry')
  await appendLines(
    db,
    1,
    [
      {
        kind: 'topped-up',
        litres: 1,
        components: [{ materialId: 'peat-medium', litres: 1 }],
        doses: [],
        note: null,
      },
    ],
    days(12),
  )
  assert.equal((await intakePage(db, 1)).trouble, null)
})
