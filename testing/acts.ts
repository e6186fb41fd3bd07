import { sql } from 'drizzle-orm'
import type { OpenDatabase } from '../src/server/database'
import { TRIAL_OF_TWO_BAGS, TROUGH_TO_STRAWBERRY } from './answers'
import { between, pick, type Random } from './random'

/** A request as somebody in this garden would make it now; null where there is nothing to do it to. */
export type Asked = {
  readonly params?: Readonly<Record<string, number>>
  readonly body?: object
} | null

export interface Garden {
  readonly db: OpenDatabase
  readonly random: Random
  /** Ids by a query; one of them, or null. */
  readonly one: (from: string) => Promise<number | null>
  readonly some: (from: string, most: number) => Promise<number[]>
}

const ON = '2026-11-01'
const LIVE = 'lots where put_away_at is null'
const BINS = ['Bin 1', 'Bin 2']
const BAGS = ['all-purpose-mix', 'seed-mix']
const FREE_POTS =
  'containers where put_away_at is null and id not in (select container_id from lot_places)'
const GROWING = 'plantings where ended_on is null'
const NEW_LOT = { origin: 'unknown', place: '', components: [], container: null }

const ofId = async (garden: Garden, from: string, body: object = {}): Promise<Asked> => {
  const id = await garden.one(from)
  return id === null ? null : { params: { id }, body }
}

const litresOf = (random: Random) => between(random, 5, 900) / 100

/** Writes that move litres or plants, as people make them; how often each is drawn is told by its number. */
export const ACTS: readonly (readonly [
  name: string,
  often: number,
  (garden: Garden) => Promise<Asked>,
])[] = [
  [
    'POST /api/media/lots',
    2,
    async ({ random }) => ({
      body: {
        ...NEW_LOT,
        name: `Heap ${between(random, 1, 99)}`,
        place: pick(random, BINS),
        components: [{ materialId: pick(random, BAGS), litres: litresOf(random) * 4 }],
      },
    }),
  ],
  [
    'POST /api/media/lots/[id]/entries',
    6,
    (garden) => {
      const { random } = garden
      const kind = pick(random, ['lost', 'settled', 'topped-up', 'recounted', 'discarded'])
      const materialId = pick(random, BAGS)
      return ofId(garden, LIVE, {
        kind,
        litres: litresOf(random),
        ...(kind === 'topped-up' ? { materialId } : {}),
      })
    },
  ],
  [
    'POST /api/media/lots/[id]/entries/[entryId]/reverse',
    6,
    async ({ db, random }) => {
      const { rows } = await db.execute<{ id: number; lot_id: number }>(
        sql`select id, lot_id from ledger_entries order by id desc limit 25`,
      )
      const entry = rows[between(random, 0, rows.length - 1)]
      return entry ? { params: { id: entry.lot_id, entryId: entry.id }, body: {} } : null
    },
  ],
  [
    'POST /api/media/lots/[id]/transfers',
    8,
    async (garden) => {
      const { random, one } = garden
      const lotId = await one(LIVE)
      const [potId] = await garden.some(FREE_POTS, 1)
      const to = pick(random, [
        { kind: 'lot', lotId },
        { kind: 'new', name: 'Part', containerIds: [], storeBin: 'Bin 3' },
        { kind: 'new', name: 'Part', containerIds: potId === undefined ? [] : [potId] },
      ])
      const litres = random() < 0.3 ? null : litresOf(random)
      return ofId(garden, LIVE, { litres, to, despite: 'tried here' })
    },
  ],
  [
    'PUT /api/media/lots/[id]/place',
    2,
    async (garden) =>
      ofId(garden, LIVE, {
        containerIds: await garden.some(FREE_POTS, between(garden.random, 0, 2)),
        storeBin: 'Bin 4',
      }),
  ],
  ['POST /api/media/lots/[id]/put-away', 1, (garden) => ofId(garden, LIVE)],
  [
    'POST /api/media/lots/[id]/take-up',
    2,
    (garden) => ofId(garden, 'lots where put_away_at is not null', { containerIds: [] }),
  ],
  [
    'POST /api/media/heaps',
    1,
    async ({ some }) => ({
      body: {
        lots: await some(`${LIVE} and id not in (select lot_id from lot_places)`, 2),
        name: 'Heap',
        despite: 'tried here',
      },
    }),
  ],
  [
    'POST /api/recondition/work-orders',
    6,
    async ({ one, some }) => {
      const lot = await one(
        `${LIVE} and id not in (select lot_id from work_orders where state = 'open')`,
      )
      if (lot === null) return null
      const mine = await some(
        `(select container_id as id from lot_places where lot_id = ${lot}) as mine`,
        3,
      )
      const pots = mine.length > 0 ? mine : await some(FREE_POTS, 1)
      return { body: { ...TROUGH_TO_STRAWBERRY, lot, pots } }
    },
  ],
  [
    'PATCH /api/recondition/work-orders/[id]/steps/[stepId]',
    4,
    async ({ db, random }) => {
      const { rows } = await db.execute<{
        id: number
        work_order_id: number
        version: number
        amounts: readonly { id: string; planned: number }[]
      }>(
        sql`select s.id, s.work_order_id, s.version, s.amounts from work_order_steps s join work_orders o on o.id = s.work_order_id where o.state = 'open'`,
      )
      const step = rows[between(random, 0, rows.length - 1)]
      if (!step) return null
      const [amount] = step.amounts
      const body =
        amount && random() < 0.6
          ? { actuals: { [amount.id]: amount.planned * random() } }
          : { done: random() < 0.8 }
      return {
        params: { id: step.work_order_id, stepId: step.id },
        body: { version: step.version, ...body },
      }
    },
  ],
  [
    'POST /api/recondition/work-orders/[id]/finish',
    8,
    (garden) => ofId(garden, "work_orders where state = 'open'"),
  ],
  [
    'POST /api/recondition/work-orders/[id]/undo-finish',
    10,
    (garden) => ofId(garden, "work_orders where state = 'finished'"),
  ],
  [
    'POST /api/recondition/work-orders/[id]/put-away',
    1,
    (garden) => ofId(garden, "work_orders where state = 'open'"),
  ],
  [
    'POST /api/recondition/work-orders/[id]/take-up',
    1,
    (garden) => ofId(garden, "work_orders where state = 'put-away'"),
  ],
  [
    'POST /api/containers/[id]/fill',
    4,
    async (garden) => {
      const lotId = await garden.one(LIVE)
      const source = pick(garden.random, [
        { kind: 'bag', materialId: pick(garden.random, BAGS) },
        { kind: 'lot', lotId },
      ])
      return ofId(garden, FREE_POTS, { source, check: false })
    },
  ],
  [
    'POST /api/containers/[id]/dress',
    2,
    (garden) =>
      ofId(garden, 'containers where put_away_at is null', {
        materialId: 'worm-castings',
        depthCm: 2,
        check: false,
      }),
  ],
  [
    'POST /api/containers/[id]/pot-on',
    3,
    async (garden) => {
      const { rows } = await garden.db.execute<{ code: string }>(
        sql`select code from containers where id in (select id from ${sql.raw(FREE_POTS)}) order by (shape->>'heightCm')::float desc limit 4`,
      )
      const code = rows[between(garden.random, 0, rows.length - 1)]?.code ?? 'P01'
      const source = { kind: 'bag', materialId: pick(garden.random, BAGS) }
      const from = `(select container_id as id from ${GROWING}) as growing`
      return ofId(garden, from, { code, source, on: ON, check: false })
    },
  ],
  [
    'POST /api/containers/plantings',
    4,
    async ({ some }) => ({
      body: {
        cropId: 'chard',
        how: 'planted',
        on: ON,
        pots: await some('(select container_id as id from lot_places) as placed', 2),
      },
    }),
  ],
  [
    'POST /api/containers/plantings/[id]/end',
    3,
    (garden) => ofId(garden, GROWING, { on: ON, why: 'harvested', growth: 4, harvestG: 300 }),
  ],
  [
    'POST /api/containers/plantings/[id]/take-end-back',
    3,
    (garden) => ofId(garden, 'plantings where ended_on is not null'),
  ],
  [
    'POST /api/containers/plantings/[id]/move',
    4,
    async (garden) => {
      const { rows } = await garden.db.execute<{ code: string }>(
        sql`select code from containers where put_away_at is null order by random() limit 1`,
      )
      return ofId(garden, GROWING, { code: rows[0]?.code ?? 'P01', on: ON })
    },
  ],
  [
    'POST /api/containers/plantings/[id]/move-back',
    3,
    (garden) => ofId(garden, 'plantings where moved_from_id is not null'),
  ],
  [
    'POST /api/containers/plantings/take-out',
    1,
    async ({ some }) => ({ body: { ids: await some(GROWING, 1) } }),
  ],
  ['POST /api/trials', 1, async () => ({ body: TRIAL_OF_TWO_BAGS })],
  [
    'POST /api/trials/[id]/pots',
    2,
    async (garden) => {
      const version = await versionOf(garden, 'trials where planted_on is null')
      return version && { params: { id: version.id }, body: { version: version.version } }
    },
  ],
  [
    'POST /api/trials/[id]/plant',
    3,
    async (garden) => {
      const version = await versionOf(garden, 'trials where planted_on is null')
      return version && { params: { id: version.id }, body: { version: version.version, on: ON } }
    },
  ],
  ['POST /api/trials/[id]/put-away', 1, (garden) => ofId(garden, 'trials')],
  ['POST /api/trials/[id]/take-up', 1, (garden) => ofId(garden, 'trials')],
  [
    'POST /api/mixes/[id]/lots',
    2,
    (garden) =>
      ofId(garden, 'mixes where put_away_at is null', {
        litres: litresOf(garden.random),
        name: 'Batch',
        storeBin: 'Bin 3',
      }),
  ],
]

async function versionOf(
  { db, random }: Garden,
  from: string,
): Promise<{ readonly id: number; readonly version: number } | null> {
  const { rows } = await db.execute<{ id: number; version: number }>(
    sql`select id, version from ${sql.raw(from)} order by id desc limit 3`,
  )
  return rows[between(random, 0, rows.length - 1)] ?? null
}
