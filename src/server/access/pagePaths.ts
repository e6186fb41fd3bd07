/** Where a page stands, as the folder of routes has it; a name in brackets is any one word. Held against it by a test. */
const PAGES = [
  '/',
  '/access',
  '/bench',
  '/bench/compare',
  '/bench/kit',
  '/bench/pens',
  '/bench/samples/[kind]/[id]',
  '/bench/tests/[id]',
  '/c/[code]',
  '/labels',
  '/log',
  '/lots',
  '/lots/[id]',
  '/lots/audit',
  '/lots/new',
  '/mixes',
  '/mixes/compare',
  '/mixes/design',
  '/mixes/layers',
  '/pots',
  '/pots/[id]',
  '/pots/paste',
  '/pots/places',
  '/practice',
  '/sign-in',
  '/trials',
  '/trials/[id]',
  '/trials/[id]/look',
  '/trials/[id]/report',
  '/trials/[id]/results',
  '/trials/candidates',
  '/trials/new',
  '/trials/pots',
  '/turnover',
  '/turnover/batches',
  '/turnover/found',
  '/turnover/new',
  '/turnover/orders/[id]',
  '/turnover/plan',
  '/turnover/recipe',
  '/turnover/ways',
] as const

const patterns = PAGES.map(
  (page) => new RegExp(`^${page.replaceAll(/\[\w+\]/g, '[^/]+').replaceAll('.', '\\.')}$`),
)

/** Whether a page of ours stands at this path. */
export function isPage(pathname: string): boolean {
  return patterns.some((pattern) => pattern.test(pathname))
}

export function allPages(): readonly string[] {
  return PAGES
}
