import assert from 'node:assert/strict'
import { test } from 'node:test'
import { listPages } from '../../../testing/fuzz/routes'
import { allPages, isPage } from './pagePaths'

test('the pages one can be sent on to are those of the folder of routes', async () => {
  const there = (await listPages()).map(({ pattern }) => pattern)
  assert.deepEqual([...allPages()].sort(), there.sort())
  for (const pattern of there) assert.ok(isPage(pattern.replaceAll(/\[\w+\]/g, '7')), pattern)
  assert.equal(isPage('/pots/7/nowhere/else'), false)
})
