import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import type Joi from 'joi'
import type { Endpoint } from '../../src/server/defineEndpoint'
import { endpointTable } from '../../src/server/routes'

const PAGES = path.resolve('src/pages')

/** An endpoint as the route list has it. */
export interface Route {
  readonly method: string
  /** Such as /api/media/lots/[id]. */
  readonly pattern: string
  readonly endpoint: Endpoint
}

/** All endpoints, from the table of operations, so that a new one is among them by itself. */
export function listEndpoints(): Route[] {
  return Object.entries(endpointTable).map(([name, endpoint]) => {
    const [method = '', pattern = ''] = name.split(' ')
    return { method, pattern, endpoint }
  })
}

/** A page with the schemas it checks its address by. */
export interface PageRoute {
  readonly pattern: string
  readonly params: Joi.ObjectSchema | null
  readonly query: Joi.ObjectSchema | null
}

/** All pages; which schemas one uses is read from its imports. */
export async function listPages(): Promise<PageRoute[]> {
  const pages: PageRoute[] = []
  for (const file of filesEnding('.astro', PAGES)) {
    const text = readFileSync(file, 'utf8')
    const schemas = await schemasOf(file, text)
    const forParams = /\[/.test(file) && /Astro\.params/.test(text)
    pages.push({
      pattern: patternOf(file),
      params: forParams ? schemas : null,
      query: forParams ? null : schemas,
    })
  }
  return pages.filter(({ pattern }) => !/^\/(404|500)$/.test(pattern))
}

async function schemasOf(file: string, text: string): Promise<Joi.ObjectSchema | null> {
  const found = /import \{[^}]*?(\w+Schema)\b[^}]*\} from '([^']+)'/.exec(text)
  if (!found) return null
  const [, name = '', from = ''] = found
  const messages = nameIn('src/messages', path.resolve(path.dirname(file), from))
  const module = (await import(`../../src/messages/${messages}.ts`)) as Record<
    string,
    Joi.ObjectSchema
  >
  return module[name] ?? null
}

/** A module as it is called from its folder, without its ending. */
function nameIn(folder: string, file: string): string {
  return path.relative(path.resolve(folder), file).split(path.sep).join('/').replace(/\.ts$/, '')
}

function patternOf(file: string): string {
  const route = path.relative(PAGES, file).replace(/\.(ts|astro)$/, '')
  return `/${route
    .split(path.sep)
    .join('/')
    .replace(/(^|\/)index$/, '')}`
}

function filesEnding(ending: string, folder: string): string[] {
  return readdirSync(folder, { recursive: true })
    .map((name) => path.join(folder, String(name)))
    .filter((file) => file.endsWith(ending))
    .sort()
}
