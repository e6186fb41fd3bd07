import { TROUGH_TO_STRAWBERRY } from '../testing/answers'

export interface MainPage {
  readonly name: string
  readonly address: string
  /** The same page further in, where a large garden has more of it. */
  readonly further?: readonly string[]
}

const { pots, ...answers } = TROUGH_TO_STRAWBERRY
export const ASKED = Object.entries({ ...answers, pots: pots.join(',') })
  .filter(([, value]) => value !== null)
  .map(([name, value]) => `${name}=${value}`)
  .join('&')

/** Every page a grower opens. A new area adds its own; A test compares them with the routes. */
export const MAIN_PAGES: readonly MainPage[] = [
  {
    name: 'lots',
    address: '/lots',
    further: [
      '/lots?page=2',
      '/lots?find=tub',
      '/lots?order=air.down',
      '/lots?state=act',
      '/lots?place=South%20wall',
    ],
  },
  { name: 'a lot', address: '/lots/1' },
  { name: 'new lot', address: '/lots/new' },
  { name: 'every litre', address: '/lots/audit' },
  { name: 'mixes', address: '/mixes', further: ['/mixes?find=house', '/mixes?page=2'] },
  { name: 'a mix', address: '/mixes/design?mix=1' },
  { name: 'mixes compared', address: '/mixes/compare?mixes=1,2&pots=0,1' },
  { name: 'bottom layer', address: '/mixes/layers?mixes=1' },
  { name: 'bench', address: '/bench', further: ['/bench?page=2', '/bench?lot=3'] },
  { name: 'test kit', address: '/bench/kit' },
  { name: 'pens', address: '/bench/pens' },
  { name: 'a test', address: '/bench/tests/1' },
  { name: 'tests compared', address: '/bench/compare?a=lot:1&b=lot:2' },
  { name: 'tests of a lot', address: '/bench/samples/lot/1' },
  { name: 'turnover', address: '/turnover', further: ['/turnover?page=2&finished=3'] },
  { name: 'what was found', address: '/turnover/new?lot=1' },
  { name: 'many pots found', address: '/turnover/found' },
  { name: 'how you work', address: '/practice' },
  { name: 'batches', address: '/turnover/batches' },
  { name: 'plan', address: '/turnover/plan' },
  { name: 'ways to go on', address: `/turnover/ways?${ASKED}` },
  { name: 'recipe', address: `/turnover/recipe?${ASKED}` },
  {
    name: 'pots',
    address: '/pots',
    further: ['/pots?page=2', '/pots?find=tub', '/pots?state=growing', '/pots?order=crop'],
  },
  { name: 'a pot', address: '/pots/1' },
  { name: 'the code of a label', address: '/c/P01' },
  { name: 'trials', address: '/trials', further: ['/trials?find=house', '/trials?page=2'] },
  { name: 'a trial', address: '/trials/1' },
  { name: 'looking at a trial', address: '/trials/2/look' },
  { name: 'what a trial found', address: '/trials/2/results' },
  { name: 'report of a trial', address: '/trials/2/report' },
  { name: 'plan a trial', address: '/trials/new?kind=comparison' },
  { name: 'how many pots', address: '/trials/pots' },
  {
    name: 'candidates',
    address: '/trials/candidates?of=mix:1,material:all-purpose-mix,lot:1&crop=chard',
    further: ['/trials/candidates', '/trials/candidates?pot=1'],
  },
  { name: 'log', address: '/log', further: ['/log?place=South%20wall'] },
  { name: 'who may come in', address: '/access' },
  { name: 'sign in', address: '/sign-in' },
  { name: 'places', address: '/pots/places' },
  { name: 'pots pasted', address: '/pots/paste' },
  { name: 'labels', address: '/labels' },
  { name: 'find', address: '/api/find?find=tub' },
]

/** Pages that are reached only when an order was made: measured where the garden has one. */
export const ORDER_PAGE: MainPage = { name: 'a work order', address: '/turnover/orders/1' }
