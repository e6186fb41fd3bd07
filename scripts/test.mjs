// `npm test`: everything that must hold before a change lands.
import { spawn } from 'node:child_process'
import { ensureChromium } from './chromium.mjs'
import { ensureInstalled, ensureNode, root } from './setup.mjs'

ensureNode()
ensureInstalled()
ensureChromium()
// Types and the build take one core for the most part: the tests of the other lane run beside them.
const statuses = await Promise.all([
  runLane([['check'], ['buildWorkshop']], 'when through'),
  runLane([['unit']], 'at once'),
])
const status = Math.max(...statuses)
process.exit(status === 0 ? await runLane([['unit', '--process'], ['e2e']], 'at once') : status)

/** Runs scripts one after the other, up to the first that fails. */
async function runLane(scripts, shown) {
  for (const [script, ...words] of scripts) {
    const code = await runScript(`${root}/scripts/${script}.mjs`, words, shown)
    if (code !== 0) return code
  }
  return 0
}

/** Two that talk at once cannot be read: one of them says what it has to say when it is through. */
function runScript(file, words, shown) {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [file, ...words], {
      cwd: root,
      env: process.env,
      stdio: shown === 'at once' ? 'inherit' : ['inherit', 'pipe', 'pipe'],
    })
    const said = []
    for (const stream of [child.stdout, child.stderr]) stream?.on('data', (part) => said.push(part))
    child.on('close', (code) => {
      process.stdout.write(Buffer.concat(said))
      resolve(code ?? 1)
    })
  })
}
