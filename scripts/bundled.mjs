// Packages that are built in, not looked up: hundreds of small files of theirs took a tenth of each start.
import path from 'node:path'

export const BUNDLED = ['date-fns', '@date-fns/tz']

/** Where esbuild finds them, which leaves other packages where they are. */
export function bundledIn(root) {
  return Object.fromEntries(
    BUNDLED.map((name) => [name, path.join(root, 'node_modules', name, 'index.js')]),
  )
}
