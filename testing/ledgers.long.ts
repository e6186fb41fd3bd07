import { test } from 'node:test'
import { demoDatabase } from './database'
import { drawFrom } from './random'
import { workLedgers } from './randomLedgers'

test('a thousand operations at random keep every litre', async () => {
  const garden = await demoDatabase()
  await workLedgers(garden.db, drawFrom(1), 1000)
  await garden.close()
})
