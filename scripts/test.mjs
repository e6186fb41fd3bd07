// `npm test`: everything that must hold before a change lands.
import { ensureChromium } from './chromium.mjs'
import { ensureInstalled, ensureNode, root, run } from './setup.mjs'

ensureNode()
ensureInstalled()
ensureChromium()
for (const [script, ...words] of [['check'], ['unit'], ['unit', '--process'], ['e2e']]) {
  const file = `${root}/scripts/${script}.mjs`
  const status = run(process.execPath, [file, ...words], { env: process.env })
  if (status !== 0) process.exit(status)
}
