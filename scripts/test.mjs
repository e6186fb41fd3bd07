// `npm test`: everything that must hold before a change lands.
import { ensureChromium } from './chromium.mjs'
import { ensureInstalled, ensureNode, root, run } from './setup.mjs'

ensureNode()
ensureInstalled()
ensureChromium()
for (const script of ['check', 'unit', 'e2e']) {
  const status = run(process.execPath, [`${root}/scripts/${script}.mjs`], { env: process.env })
  if (status !== 0) process.exit(status)
}
