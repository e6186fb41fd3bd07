// Builds the pages and endpoints with Astro, then the processes around them: the server, the packing of copies, the
// putting back of one, and the server of the interface tests.
import { build } from 'esbuild'
import { buildServiceWorker } from './buildServiceWorker.mjs'
import { BANNER, builtIn } from './bundled.mjs'
import { bin, dist, root, run, sourcesNow, stampBuild } from './setup.mjs'

const sources = sourcesNow()
const status = run(bin('astro'), ['build', '--silent'])
if (status !== 0) process.exit(status)

await build({
  entryPoints: {
    main: 'src/server/main.ts',
    ...(process.env.INNINGS_WORKSHOP === '1' ? { testMain: 'src/server/testMain.ts' } : {}),
    packStill: 'src/server/storage/packStill.ts',
    restore: 'src/server/storage/restore.ts',
    share: 'src/server/access/share.ts',
  },
  absWorkingDir: root,
  outdir: dist,
  outExtension: { '.js': '.mjs' },
  bundle: true,
  packages: 'external',
  plugins: [builtIn(root)],
  banner: BANNER,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  logLevel: 'warning',
})

await buildServiceWorker(root, dist)
stampBuild(sources)
