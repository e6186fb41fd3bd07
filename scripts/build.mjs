// Builds the pages and endpoints with Astro, then the process around them into dist/main.mjs.
import { build } from 'esbuild'
import { bin, root, run } from './setup.mjs'

const status = run(bin('astro'), ['build', '--silent'])
if (status !== 0) process.exit(status)

await build({
  entryPoints: ['src/server/main.ts'],
  absWorkingDir: root,
  outfile: 'dist/main.mjs',
  bundle: true,
  packages: 'external',
  platform: 'node',
  format: 'esm',
  target: 'node20',
  logLevel: 'warning',
})
