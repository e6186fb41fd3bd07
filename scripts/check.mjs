// Types, lint, format and the order of the floors.
import { bin, ensureInstalled, ensureNode, run } from './setup.mjs'

ensureNode()
ensureInstalled()
const checks = [
  [bin('biome'), ['ci', '.', '--error-on-warnings']],
  [bin('astro'), ['check', '--minimumSeverity', 'warning']],
  [bin('tsc'), ['--noEmit']],
  [bin('knip'), ['--no-progress']],
  [bin('depcruise'), ['src', '--config', '.dependency-cruiser.cjs', '--output-type', 'err']],
]
for (const [command, args] of checks) {
  const status = run(command, args)
  if (status !== 0) process.exit(status)
}
