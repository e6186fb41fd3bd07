// Collects *.test.ts, bundles them and hands them to Node's own test runner.
import './withWorkshop.mjs'
import { spawnSync } from 'node:child_process'
import { mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { ENGINE_FLAGS } from './engineFlags.mjs'
import { ensureBuilt, ensureInstalled, ensureNode, root } from './setup.mjs'
import { bundleTests } from './testBundles.mjs'

// `--long` takes the trials by fire instead (*.long.ts), `--process` the tests of the built application as a process;
// both need it built.
const ENDINGS = { '--long': '.long.ts', '--process': '.process.ts' }
const kind = process.argv.find((word) => word in ENDINGS)
const ending = ENDINGS[kind] ?? '.test.ts'
const wanted = process.argv.slice(2).filter((word) => word !== kind)
const files = ['src', 'testing', 'benchmarks']
  .flatMap((folder) => listFiles(folder))
  .filter((file) => file.endsWith(ending))
  .filter((file) => wanted.length === 0 || wanted.some((part) => file.includes(part)))
  // Long ones first, so that none is left running alone.
  .sort((one, other) => statSync(other).size - statSync(one).size)

if (files.length === 0) {
  console.error(`No test file matches ${wanted.join(', ')}.`)
  process.exit(1)
}
if (kind) {
  ensureNode()
  ensureInstalled()
  ensureBuilt()
}
// Left alone, Node 20 takes one file at a time on two cores; the switch came with 20.10. Those that start processes wait for
// them, for clocks, and for a copy that is packed when nothing else is to be done: there is room for two more.
const [major, minor] = process.versions.node.split('.').map(Number)
const atOnce = kind === '--process' ? 4 : 2
const several = major > 20 || minor >= 10 ? [`--test-concurrency=${atOnce}`] : []
const untracked = ['--require', path.join(root, 'scripts/untracked.cjs')]
const folder = mkdtempSync(path.join(tmpdir(), 'innings-unit-'))
// The trials by fire run long enough for fast code to pay.
const flags = kind === '--long' ? [] : ENGINE_FLAGS
const bundled = await bundleTests(files, kind?.slice(2) ?? 'unit', !kind && files.length > 1)
const { status } = spawnSync(
  process.execPath,
  [...flags, '--enable-source-maps', ...untracked, '--test', ...several, ...bundled],
  {
    cwd: root,
    stdio: 'inherit',
    env: {
      ...process.env,
      TZ: 'UTC',
      ...(flags.length > 0 ? { INNINGS_ENGINE_FLAGS: flags.join(' ') } : {}),
      INNINGS_TEST_FOLDER: folder,
      INNINGS_DATA: path.join(folder, 'none'),
    },
  },
)
rmSync(folder, { recursive: true, force: true })
process.exit(status ?? 1)

function listFiles(folder) {
  try {
    return readdirSync(folder, { recursive: true }).map((name) => path.join(folder, name))
  } catch {
    return []
  }
}
