// Packages that are built in, not looked up: hundreds of small files of theirs took a fifth of each start.
import { createRequire } from 'node:module'
import path from 'node:path'

/** Of Node's own way to look a package up, for those that are written for it. */
const require = createRequire(import.meta.url)

const DATES = ['date-fns', '@date-fns/tz']
/** What works out distributions and what checks rules, with what they tell of their steps if asked to. */
const NUMBERS_AND_RULES = /^(@stdlib\/|@hapi\/|(joi|debug|ms)$)/

/** For Astro's bundler. */
export const BUNDLED = [...DATES, NUMBERS_AND_RULES]

/** Before every script that esbuild makes: what they call up of Node is called up the old way. */
export const BANNER = {
  js: "import { createRequire as oldWay } from 'node:module'; const require = oldWay(import.meta.url);",
}

/** For esbuild, which leaves other packages where they are. */
export function builtIn(root) {
  return {
    name: 'built-in',
    setup(build) {
      build.onResolve({ filter: /^(date-fns|@date-fns\/tz)$/ }, ({ path: name }) => ({
        path: path.join(root, 'node_modules', name, 'index.js'),
      }))
      build.onResolve({ filter: NUMBERS_AND_RULES }, ({ path: name, resolveDir }) => ({
        path: require.resolve(name, { paths: [resolveDir] }),
      }))
    },
  }
}
