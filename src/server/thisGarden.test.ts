import assert from 'node:assert/strict'
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { after, before, test } from 'node:test'
import { callEndpoint } from '../../testing/callEndpoint'
import { endpointDatabase } from '../../testing/database'
import { endpointTable } from './routes'
import { gardenId, renewGardenId } from './storage/gardenId'

const log = endpointTable['POST /api/containers/[id]/log']

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

const enter = (told: string | null) =>
  callEndpoint(
    log,
    { kind: 'stays wet' },
    { params: { id: 1 }, headers: told === null ? {} : { 'innings-garden': told } },
  )

test('what was entered in another garden, or before a copy was put back, is not written into this one', async () => {
  const here = gardenId(garden.folder)
  assert.equal((await enter(here)).status, 201)
  assert.equal((await enter(null)).status, 201)
  for (const told of ['none', '', 'e6a1b7b0-0000-4000-8000-000000000000']) {
    const { status, problem } = await enter(told)
    assert.equal(status, 409, told)
    assert.equal(problem.code, 'other-garden')
  }
})

test('a garden keeps its name until it is another one', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-name-'))
  mkdirSync(path.join(folder, 'x'))
  try {
    const first = gardenId(folder)
    assert.equal(gardenId(folder), first)
    const second = renewGardenId(folder)
    assert.notEqual(second, first)
    gardenId(path.join(folder, 'x'))
    assert.equal(gardenId(folder), second)
  } finally {
    rmSync(folder, { recursive: true })
  }
})
