import assert from 'node:assert/strict'
import { spawnSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { test } from 'node:test'

/** Runs the project's import rules on a small tree of its own. */
function cruise(files: Record<string, string>): { status: number | null; said: string } {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-floors-'))
  writeFileSync(path.join(folder, 'tsconfig.json'), '{}')
  for (const [name, text] of Object.entries(files)) {
    mkdirSync(path.dirname(path.join(folder, name)), { recursive: true })
    writeFileSync(path.join(folder, name), text)
  }
  const bin = path.resolve('node_modules/.bin/depcruise')
  const config = path.resolve('.dependency-cruiser.cjs')
  const { status, stdout } = spawnSync(bin, ['src', '--config', config], { cwd: folder })
  rmSync(folder, { recursive: true, force: true })
  return { status, said: stdout.toString() }
}

const table = { 'src/data/table.ts': 'export const rows = [1]' }

test('an import downwards passes', () => {
  const { status, said } = cruise({
    ...table,
    'src/server/view.ts': "import { rows } from '../data/table'\nexport const view = rows",
  })
  assert.equal(status, 0, said)
})

test('the core may not reach up to the data, nor a screen round the wall to it', () => {
  const upwards = cruise({
    ...table,
    'src/core/sum.ts': "import { rows } from '../data/table'\nexport const sum = rows",
  })
  assert.notEqual(upwards.status, 0)
  assert.match(upwards.said, /core-imports-only-below/)
  const round = cruise({
    ...table,
    'src/features/Screen.ts': "import { rows } from '../data/table'\nexport const screen = rows",
  })
  assert.match(round.said, /features-imports-only-below/)
})

test('rooms of the core are entered by their front door', () => {
  const { said } = cruise({
    'src/core/media/blend.ts': 'export const blend = 1',
    'src/core/chemistry/ph.ts': "import { blend } from '../media/blend'\nexport const ph = blend",
  })
  assert.match(said, /front-doors-of-the-core/)
})

test('an Astro component of the ui floor may not reach for the data', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-astro-'))
  mkdirSync(path.join(folder, 'src', 'ui'), { recursive: true })
  const rules = JSON.parse(readFileSync('biome.json', 'utf8'))
  const { vcs: _, $schema: __, ...rest } = rules
  writeFileSync(path.join(folder, 'biome.json'), JSON.stringify(rest))
  const lint = (text: string) => {
    writeFileSync(path.join(folder, 'src', 'ui', 'Part.astro'), text)
    const bin = path.resolve('node_modules/.bin/biome')
    const { status, stderr } = spawnSync(bin, ['lint', '--colors=off', 'src'], { cwd: folder })
    return { status, said: stderr.toString() }
  }
  const above = lint("---\nimport { rows } from '../data/table'\n---\n\n<p>{rows}</p>\n")
  assert.notEqual(above.status, 0)
  assert.match(above.said, /The ui floor imports only core, messages and itself/)
  const below = lint("---\nimport { texts } from './texts'\n---\n\n<p>{texts}</p>\n")
  assert.equal(below.status, 0, below.said)
  rmSync(folder, { recursive: true, force: true })
})
