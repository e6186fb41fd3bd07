import assert from 'node:assert/strict'
import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { test } from 'node:test'

/** Runs the check of the Node version as if this were another Node. */
function asIf(version: string) {
  const script = `
    Object.defineProperty(process, 'versions', { value: { ...process.versions, node: '${version}' } })
    Object.defineProperty(process, 'version', { value: 'v${version}' })
    import('./scripts/setup.mjs').then(({ ensureNode }) => ensureNode())`
  return spawnSync(process.execPath, ['--input-type=module', '-e', script], { encoding: 'utf8' })
}

test('an old Node is refused in one line', () => {
  const { status, stderr } = asIf('18.19.0')
  assert.equal(status, 1)
  assert.equal(stderr.trim(), 'Innings needs Node.js 20 or newer; this is v18.19.0.')
})

test('growers start it as it is measured: with a limit for what the engine lets lie about', async () => {
  const { GROWER_FLAGS } = await import('../scripts/engineFlags.mjs')
  const { scripts } = JSON.parse(readFileSync('package.json', 'utf8'))
  for (const name of ['demo', 'start', 'share']) {
    assert.equal(scripts[name], `node ${GROWER_FLAGS.join(' ')} scripts/${name}.mjs`)
  }
})

test('this Node and newer ones pass', () => {
  for (const version of ['20.3.0', '22.1.0']) {
    const { status, stderr } = asIf(version)
    assert.equal(status, 0, stderr)
  }
})
