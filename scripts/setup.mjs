// What every command of the project needs first: the right Node, the packages, a current build.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..')
const INSTALL_STAMP = path.join(root, 'node_modules', '.innings-install')
/** Tests and pictures are made from a build that holds the workshop as well; the product is built without it. */
export const dist = process.env.INNINGS_WORKSHOP === '1' ? 'dist-workshop' : 'dist'
process.env.INNINGS_DIST = dist
const BUILD_STAMP = path.join(root, dist, '.innings-build')
const BUILT_FROM = [
  'src',
  'public',
  'astro.config.ts',
  'package-lock.json',
  'tsconfig.json',
  'scripts/build.mjs',
  'scripts/buildServiceWorker.mjs',
  'scripts/bundled.mjs',
]

/** Quiet tools: no telemetry, no update checks, no browser downloads. */
export const quietEnv = {
  ...process.env,
  INNINGS_DIST: dist,
  ASTRO_TELEMETRY_DISABLED: '1',
  ASTRO_DISABLE_UPDATE_CHECK: 'true',
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1',
}

export function fail(line) {
  console.error(line)
  process.exit(1)
}

export function ensureNode() {
  const major = Number(process.versions.node.split('.')[0])
  if (major < 20) fail(`Innings needs Node.js 20 or newer; this is ${process.version}.`)
}

export function run(command, args, options = {}) {
  const { status } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: quietEnv,
    shell: process.platform === 'win32',
    ...options,
  })
  return status ?? 1
}

export function bin(name) {
  return path.join(root, 'node_modules', '.bin', name)
}

/**
 * Installs what is missing.
 * @param what 'to run': whoever only uses the program waits for no tool it is tested with; those come when they are needed
 */
export function ensureInstalled(what = 'all') {
  const hash = hashOf([path.join(root, 'package-lock.json')])
  const there = existsSync(INSTALL_STAMP) ? readFileSync(INSTALL_STAMP, 'utf8') : ''
  const wanted = `${what} ${hash}`
  if (there === wanted || there === `all ${hash}`) return
  console.log('Installing packages (once) ...')
  const omit = what === 'to run' ? ['--omit=dev'] : []
  if (run('npm', ['ci', ...omit, '--no-audit', '--no-fund', '--loglevel=error']) !== 0) {
    fail('The packages could not be installed: is the npm registry reachable?')
  }
  writeFileSync(INSTALL_STAMP, wanted)
}

export function ensureBuilt() {
  if (existsSync(BUILD_STAMP) && readFileSync(BUILD_STAMP, 'utf8') === sourcesNow()) return
  console.log('Building (once for each change) ...')
  if (run(process.execPath, [path.join(root, 'scripts', 'build.mjs')]) !== 0) {
    fail('The build failed; see above.')
  }
}

/** What a build is made from, as it is now: written beside the build, so that the next start knows it. */
export function sourcesNow() {
  return hashOf(BUILT_FROM.flatMap((place) => filesIn(path.join(root, place))))
}

export function stampBuild(sources) {
  mkdirSync(path.dirname(BUILD_STAMP), { recursive: true })
  writeFileSync(BUILD_STAMP, sources)
}

function filesIn(place) {
  if (!existsSync(place)) return []
  if (statSync(place).isFile()) return [place]
  return readdirSync(place, { recursive: true })
    .map((name) => path.join(place, name))
    .filter((file) => !file.endsWith('.test.ts') && statSync(file).isFile())
    .sort()
}

function hashOf(files) {
  const hash = createHash('sha256')
  for (const file of files) {
    hash.update(path.relative(root, file))
    hash.update(readFileSync(file))
  }
  return hash.digest('hex')
}
