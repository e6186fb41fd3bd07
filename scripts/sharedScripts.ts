import type { AstroIntegration } from 'astro'

/** What the bundler knows of the modules. */
interface Modules {
  getModuleIds(): Iterable<string>
  getModuleInfo(id: string): { isEntry: boolean; importedIds: readonly string[] } | null
}

/** Share of the screens that have to need a module for it to come with all of them. */
const MOST = 0.6

/**
 * What most screens need comes in one script. Left alone, each part becomes a script of its own for every other set of
 * screens that uses it: seventy requests for a page, most of them of less than a kilobyte, that together weigh more.
 */
export const sharedScripts: AstroIntegration = {
  name: 'shared-scripts',
  hooks: {
    'astro:build:setup': ({ target, updateConfig }) => {
      if (target !== 'client') return
      updateConfig({ build: { rollupOptions: { output: { manualChunks: shared() } } } })
    },
  },
}

function shared() {
  let ofMost: Set<string> | null = null
  return (module: string, meta: Modules) => {
    ofMost ??= modulesOfMost(meta)
    if (!ofMost.has(module)) return undefined
    // What others wrote changes rarely: it stays with the browser when we change ours.
    return module.includes('/src/') && !module.includes('/node_modules/') ? 'shared' : 'libraries'
  }
}

function modulesOfMost(meta: Modules): Set<string> {
  const entries = [...meta.getModuleIds()].filter((id) => meta.getModuleInfo(id)?.isEntry)
  const screens = entries.filter(
    (id) => id.startsWith('\0astro-entry:') && id.includes('/features/'),
  )
  const uses = new Map<string, number>()
  for (const screen of screens) {
    for (const module of importsOf(screen, meta)) uses.set(module, (uses.get(module) ?? 0) + 1)
  }
  const everywhere = entries.filter((id) =>
    /\/(ui\/shell\/Shell|react\/dist\/client\.js)$/.test(id),
  )
  return new Set([
    ...everywhere.flatMap((entry) => importsOf(entry, meta)),
    ...[...uses].flatMap(([id, count]) => (count >= MOST * screens.length ? [id] : [])),
  ])
}

/** A module and all it imports, and what that imports; what is only loaded when it is asked for is left out. */
function importsOf(entry: string, meta: Modules): string[] {
  const found = new Set<string>(meta.getModuleInfo(entry)?.importedIds)
  for (const id of found) {
    for (const imported of meta.getModuleInfo(id)?.importedIds ?? []) found.add(imported)
  }
  return [...found]
}
