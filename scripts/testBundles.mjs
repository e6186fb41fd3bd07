// Which test files share a process, and their bundles for Node's own test runner.
import { readFileSync, rmSync } from 'node:fs'
import path from 'node:path'
import { build } from 'esbuild'
import { BANNER, builtIn } from './bundled.mjs'
import { root } from './setup.mjs'

const SHARER = 'testing/oneFileAmongMany'
/** Files that make a page in their process, start others or stop the clock keep their process to themselves. */
const ALONE = /renderHook|onSite|node:child_process|\bmock\b.*'node:test'/
const GROUPS = 8

/** Bundles the files; gives those that are to be run, several of the given ones in each where they may be together. */
export async function bundleTests(files, name, together) {
  const outdir = path.join(root, '.tests', name)
  rmSync(outdir, { recursive: true, force: true })
  const alone = files.filter(
    (file) => !together || ALONE.test(readFileSync(path.join(root, file), 'utf8')),
  )
  const groups = inGroups(files.filter((file) => !alone.includes(file)))
  await build({
    absWorkingDir: root,
    entryPoints: [...alone, ...groups.keys()],
    outdir,
    outbase: root,
    outExtension: { '.js': '.mjs' },
    chunkNames: 'chunks/[name]-[hash]',
    bundle: true,
    splitting: true,
    packages: 'external',
    format: 'esm',
    platform: 'node',
    target: 'node20',
    sourcemap: true,
    jsx: 'automatic',
    logLevel: 'warning',
    banner: BANNER,
    plugins: [builtIn(root), sharing(groups, new Set(alone.map((file) => path.join(root, file))))],
  })
  return [...groups.keys(), ...alone].map((file) =>
    path.join(outdir, file.replace(/\.ts$/, '.mjs')),
  )
}

/** Each takes every eighth file: neighbours take about as long. */
function inGroups(files) {
  const groups = new Map()
  for (const [at, file] of files.entries()) {
    const name = `together/${at % GROUPS}.ts`
    groups.set(name, [...(groups.get(name) ?? []), file])
  }
  return groups
}

function sharing(groups, alone) {
  return {
    name: 'sharing',
    setup(build) {
      build.onResolve({ filter: /^together\// }, ({ path: name }) => ({
        path: name,
        namespace: 'together',
      }))
      build.onLoad({ filter: /./, namespace: 'together' }, ({ path: name }) => ({
        contents: `import { runFiles } from './${SHARER}'
          await runFiles([${groups.get(name).map((file) => `['${file}', () => import('./${file}')]`)}])`,
        resolveDir: root,
        loader: 'ts',
      }))
      build.onResolve({ filter: /^node:test$/ }, ({ importer }) =>
        alone.has(importer) || importer.includes(SHARER)
          ? { path: 'node:test', external: true }
          : { path: path.join(root, `${SHARER}.ts`) },
      )
    },
  }
}
