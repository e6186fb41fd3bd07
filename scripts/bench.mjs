// `npm run bench`: measures the core, the server and what pages load, and prints one table.
import { GROWER_FLAGS } from './engineFlags.mjs'
import { bin, ensureBuilt, ensureInstalled, ensureNode, quietEnv, run } from './setup.mjs'

ensureNode()
ensureInstalled()
ensureBuilt()
// Servers are measured as growers start them.
const env = { ...quietEnv, INNINGS_ENGINE_FLAGS: GROWER_FLAGS.join(' ') }
process.exit(run(bin('tsx'), ['benchmarks/run.ts', ...process.argv.slice(2)], { env }))
