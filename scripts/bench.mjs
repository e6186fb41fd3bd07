// `npm run bench`: measures the core, the server and what pages load, and prints one table.
import { bin, ensureBuilt, ensureInstalled, ensureNode, run } from './setup.mjs'

ensureNode()
ensureInstalled()
ensureBuilt()
process.exit(run(bin('tsx'), ['benchmarks/run.ts', ...process.argv.slice(2)]))
