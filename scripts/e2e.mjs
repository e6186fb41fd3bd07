// The interface driven in a real browser, against the built application.
import './withWorkshop.mjs'
import { ensureChromium } from './chromium.mjs'
import { ENGINE_FLAGS } from './engineFlags.mjs'
import { bin, ensureBuilt, ensureInstalled, ensureNode, quietEnv, run } from './setup.mjs'

ensureNode()
ensureInstalled()
ensureChromium()
ensureBuilt()
const env = {
  ...quietEnv,
  CHROMIUM: process.env.CHROMIUM,
  INNINGS_ENGINE_FLAGS: ENGINE_FLAGS.join(' '),
}
process.exit(run(bin('playwright'), ['test', ...process.argv.slice(2)], { env }))
