import assert from 'node:assert/strict'
import { spawnSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { test } from 'node:test'

/** What the project's import rules say of a small tree of its own, of which all but one import is against them. */
function cruise(): { readonly status: number | null; readonly said: string } {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-floors-'))
  writeFileSync(path.join(folder, 'tsconfig.json'), '{}')
  for (const [name, text] of Object.entries(TREE)) {
    mkdirSync(path.dirname(path.join(folder, name)), { recursive: true })
    writeFileSync(path.join(folder, name), text)
  }
  const bin = path.resolve('node_modules/.bin/depcruise')
  const config = path.resolve('.dependency-cruiser.cjs')
  const { status, stdout } = spawnSync(bin, ['src', '--config', config], { cwd: folder })
  rmSync(folder, { recursive: true, force: true })
  return { status, said: stdout.toString() }
}

const TREE = {
  'src/data/table.ts': 'export const rows = [1]',
  'src/server/view.ts': "import { rows } from '../data/table'\nexport const view = rows",
  'src/core/sum.ts': "import { rows } from '../data/table'\nexport const sum = rows",
  'src/features/Screen.ts': "import { rows } from '../data/table'\nexport const screen = rows",
  'src/server/mix.ts': "import { blend } from '../core/media/blend'\nexport const mix = blend",
  'src/core/media/blend.ts': 'export const blend = 1',
  'src/core/chemistry/ph.ts': "import { blend } from '../media/blend'\nexport const ph = blend",
}

test('an import downwards passes; the core may not reach up, a screen round the wall, or a room through the window', () => {
  const { status, said } = cruise()
  assert.equal(status, 4, said)
  assert.match(said, /core-imports-only-below: src\/core\/sum\.ts/)
  assert.match(said, /features-imports-only-below: src\/features\/Screen\.ts/)
  assert.match(said, /front-doors-of-the-core: src\/core\/chemistry\/ph\.ts/)
  assert.match(said, /front-doors-of-the-core-from-outside: src\/server\/mix\.ts/)
  assert.doesNotMatch(said, /server\/view/)
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
