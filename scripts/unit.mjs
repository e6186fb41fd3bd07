// Collects *.test.ts, bundles them and hands them to Node's own test runner: each of them runs in a process of its own,
// and reading hundreds of modules anew takes longer than most tests.
import './withWorkshop.mjs'
import { spawnSync } from 'node:child_process'
import { mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { build } from 'esbuild'
import { ensureBuilt, ensureInstalled, ensureNode, root } from './setup.mjs'

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

if (files.length === 0) {
  console.error(`No test file matches ${wanted.join(', ')}.`)
  process.exit(1)
}
if (kind) {
  ensureNode()
  ensureInstalled()
  ensureBuilt()
}
// Left alone, Node 20 takes one file at a time on two cores; the switch came with 20.10.
const [major, minor] = process.versions.node.split('.').map(Number)
const two = major > 20 || minor >= 10 ? ['--test-concurrency=2'] : []
const folder = mkdtempSync(path.join(tmpdir(), 'innings-unit-'))
const bundled = await bundle(files)
const { status } = spawnSync(
  process.execPath,
  ['--enable-source-maps', '--test', ...two, ...bundled],
  {
    cwd: root,
    stdio: 'inherit',
    env: {
      ...process.env,
      TZ: 'UTC',
      INNINGS_TEST_FOLDER: folder,
      INNINGS_DATA: path.join(folder, 'none'),
    },
  },
)
rmSync(folder, { recursive: true, force: true })
process.exit(status ?? 1)

async function bundle(entryPoints) {
  const outdir = path.join(root, '.tests', kind ?? 'unit')
  rmSync(outdir, { recursive: true, force: true })
  await build({
    absWorkingDir: root,
    entryPoints,
    outdir,
    outbase: root,
    outExtension: { '.js': '.mjs' },
    chunkNames: 'chunks/[name]-[hash]',
    bundle: true,
    splitting: true,
    packages: 'external',
    format: 'esm',
    platform: 'node',
    target: 'node20',
    sourcemap: true,
    jsx: 'automatic',
    logLevel: 'warning',
  })
  return entryPoints.map((file) => path.join(outdir, file.replace(/\.ts$/, '.mjs')))
}

function listFiles(folder) {
  try {
    return readdirSync(folder, { recursive: true }).map((name) => path.join(folder, name))
  } catch {
    return []
  }
}
