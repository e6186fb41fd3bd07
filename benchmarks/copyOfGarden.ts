import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { cpSync } from 'node:fs'
import path from 'node:path'
import { DIST } from '../e2e/server'
import { copyFile } from '../src/server/storage/copies'
import type { Figure } from './measure'
import { mostMemory } from './memory'

/** The copy of a day, packed and proved as it is each night beside the garden that goes on. */
export async function copyOfGarden(folder: string): Promise<Figure[]> {
  const still = path.join(folder, 'still')
  cpSync(path.join(folder, 'database'), still, { recursive: true })
  const from = performance.now()
  const packing = spawn(
    process.execPath,
    [`${DIST}/packStill.mjs`, still, copyFile(folder, '2026-11-02')],
    { stdio: ['ignore', 'ignore', 'inherit'] },
  )
  const most = mostMemory(packing)
  const [code] = await once(packing, 'exit')
  if (code !== 0) throw new Error('The copy was not made.')
  const seconds = (performance.now() - from) / 1000
  return [
    { name: 'nursery: a copy packed and proved', unit: 's', value: seconds },
    ...most('nursery: memory of a copy at most', 600),
  ]
}
