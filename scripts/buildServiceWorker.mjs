// The worker that keeps pages on a device: bundled with the list of all scripts, styles and fonts of this build.
import { createHash } from 'node:crypto'
import { readdirSync, readFileSync, statSync } from 'node:fs'
import path from 'node:path'
import { build } from 'esbuild'

/** Drawing of charts: a page reads without it, by its numbers. */
const LARGEST_BYTES = 300_000
const KEPT = /\.(js|css|woff2|svg|png|webmanifest)$/

export async function buildServiceWorker(root, dist) {
  const client = path.join(root, dist, 'client')
  const files = readdirSync(client, { recursive: true })
    .map(String)
    .filter((name) => KEPT.test(name) && name !== 'sw.js' && !/Styleguide/.test(name))
    .filter((name) => statSync(path.join(client, name)).size <= LARGEST_BYTES)
    .sort()
  const scripts = files.map((name) => ({
    url: `/${name.split(path.sep).join('/')}`,
    // What stands in _astro has its sum in its name.
    revision: name.startsWith('_astro')
      ? null
      : createHash('sha256')
          .update(readFileSync(path.join(client, name)))
          .digest('hex')
          .slice(0, 16),
  }))
  await build({
    entryPoints: ['src/offline/serviceWorker.ts'],
    absWorkingDir: root,
    outfile: path.join(client, 'sw.js'),
    bundle: true,
    minify: true,
    platform: 'browser',
    format: 'iife',
    target: 'es2022',
    define: {
      'process.env.NODE_ENV': '"production"',
      'self.__SCRIPTS': JSON.stringify(scripts),
    },
    logLevel: 'warning',
  })
}
