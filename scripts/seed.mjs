// `npm run seed -- --size garden|estate|nursery`: fills a folder with a made-up garden of that size, for measuring.
import { bin, ensureInstalled, ensureNode, run } from './setup.mjs'

ensureNode()
ensureInstalled()
process.exit(run(bin('tsx'), ['benchmarks/gardens/run.ts', ...process.argv.slice(2)]))
