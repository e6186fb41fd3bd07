// `npm run dev`: the demo garden with hot reload.
import path from 'node:path'
import { bin, ensureInstalled, ensureNode, quietEnv, root, run } from './setup.mjs'

ensureNode()
ensureInstalled()
const env = {
  ...quietEnv,
  INNINGS_DEMO: '1',
  INNINGS_DATA: process.env.INNINGS_DATA || path.join(root, '.demo-data'),
}
process.exit(run(bin('astro'), ['dev', '--port', process.env.PORT || '4321'], { env }))
