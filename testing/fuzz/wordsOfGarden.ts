import { type SQL, sql } from 'drizzle-orm'
import { PLANT_GROUPS } from '../../src/core/mixes'
import { listAmendments } from '../../src/data/chemistry'
import { materialsById } from '../../src/data/media'
import { listCrops, listProblems } from '../../src/data/season'
import type { OpenDatabase } from '../../src/server/database'
import { SMALL_JPEG } from '../smallJpeg'
import type { Words } from './fromSchema'

/** Enough that two are seldom called alike. */
const TREATMENTS = Array.from({ length: 40 }, (_, i) => `Mix ${i} <b>`)

/** Ids that are there, by what a request calls them. */
export async function idsOf(db: OpenDatabase): Promise<Words['ids']> {
  // The newest few, so that a row and what belongs to it are drawn together now and then.
  const list = async (from: SQL, count: number) => {
    const found = await db.execute<{ id: number }>(
      sql`select id from ${from} order by id desc limit ${count}`,
    )
    return found.rows.map(({ id }) => id)
  }
  const lot = await list(sql`lots where put_away_at is null`, 6)
  const test = await list(sql`bench_tests where ended_at is null and thrown_away_at is null`, 3)
  const order = [
    ...(await list(sql`work_orders where state = 'open'`, 2)),
    ...(await list(sql`work_orders where state = 'finished'`, 1)),
  ]
  const running = await list(
    sql`trials where put_away_at is null and planted_on is not null and closed_at is null and kind <> 'jar'`,
    1,
  )
  const closed = await list(
    sql`trials where put_away_at is null and closed_at is not null and outcome->>'isVoid' = 'false'`,
    1,
  )
  const trial = [
    ...(await list(sql`trials where put_away_at is null`, 3)),
    // What is read in a trial, and what is handed on by one, needs those.
    ...running,
    ...running,
    ...closed,
    ...closed,
  ]
  const among = (ids: readonly number[]) => sql.raw(`(${[0, ...ids].join(',')})`)
  return {
    lot,
    test,
    'work order': order,
    mix: await list(sql`mixes where put_away_at is null`, 6),
    pen: await list(sql`pens`, 6),
    // Those that were just made stand empty; others hold a lot.
    container: [
      ...(await list(sql`containers`, 6)),
      ...(await list(sql`(select container_id as id from lot_places) as placed`, 6)),
      ...(await list(
        sql`(select container_id as id from plantings where ended_on is null) as planted`,
        4,
      )),
    ],
    // Those that were moved can be moved back.
    planting: [
      ...(await list(sql`plantings`, 8)),
      ...(await list(sql`plantings where ended_on is null`, 4)),
      ...(await list(sql`plantings where moved_from_id is not null and ended_on is null`, 4)),
    ],
    'log entry': await list(sql`pot_log`, 4),
    photo: await list(sql`photos`, 3),
    // Those that were just made have no pot.
    place: await list(sql`places where put_away_at is null`, 3),
    treatment: await list(sql`lot_treatments where lot_id in ${among(lot)}`, 12),
    finding: await list(sql`lot_findings where lot_id in ${among(lot)}`, 12),
    entry: await list(sql`ledger_entries where lot_id in ${among(lot)}`, 12),
    trial,
    'pot of the trial': [
      ...(await list(sql`trial_pots where trial_id in ${among(trial)}`, 8)),
      ...(await list(sql`trial_pots where trial_id in ${among(running)}`, 8)),
    ],
    'treatment of the trial': await list(
      sql`trial_treatments where trial_id in ${among(closed)}`,
      4,
    ),
    'finding of the trial': await list(sql`trial_findings`, 4),
    step: await list(sql`work_order_steps where work_order_id in ${among(order)}`, 30),
  }
}

/** Codes of pots that hold a mix. */
async function filledPots(db: OpenDatabase): Promise<string[]> {
  const { rows } = await db.execute<{ code: string }>(
    sql`select code from containers join lot_places on container_id = containers.id order by containers.id limit 8`,
  )
  return rows.map(({ code }) => code)
}

/** Codes of pots that stand empty, the highest first: most plants fit in. */
async function emptyPots(db: OpenDatabase): Promise<string[]> {
  const { rows } = await db.execute<{ code: string }>(
    sql`select code from containers where put_away_at is null and id not in (select container_id from lot_places) order by (shape->>'heightCm')::float desc limit 8`,
  )
  return rows.map(({ code }) => code)
}

const TABLES = [
  'name,place,top,height\nTub,Yard,30,30',
  'code;name;place;top;height;count\n;Herb pot;Bench;14;12;2',
  'name\tplace\ttop\theight\nTub\tYard\twide\t30',
]

/** What goes by its name. */
export async function namesOf(db: OpenDatabase): Promise<Words['named']> {
  return {
    'The pot': await filledPots(db),
    'The larger pot': await emptyPots(db),
    'The table': TABLES,
    'The name of the treatment': TREATMENTS,
  }
}

/** Of the newest running tests, and one that is new. */
export async function momentsOf(db: OpenDatabase, i: number): Promise<string[]> {
  const { rows } = await db.execute<{ id: string }>(
    sql`select m.id from bench_moments m join bench_tests t on t.id = m.test_id where t.ended_at is null and t.thrown_away_at is null order by t.id desc limit 3`,
  )
  return [`tap-${i}`, ...rows.map(({ id }) => id)]
}

/** What requests may say in this garden. */
export async function wordsOf(db: OpenDatabase): Promise<Words> {
  const materials = [...(await materialsById(db)).keys()]
  const products = (await listAmendments(db)).map(({ amendment }) => amendment.id)
  return {
    keys: {
      material: materials,
      layer: materials,
      bag: materials,
      sample: materials,
      product: products,
      amount: [...materials, ...products],
      crop: (await listCrops(db)).map(({ id }) => id),
      problem: (await listProblems(db)).map(({ id }) => id),
      photo: [SMALL_JPEG],
      group: PLANT_GROUPS.map(({ id }) => id),
      weighed: products,
      step: ['label', 'pots', 'places', 'jar-wait'],
      key: ['pour', 'drip', 'mark', 'stopped', 'start'],
      field: ['pouredMl', 'drainedMl', 'note'],
    },
    ids: {},
    named: {},
    texts: [
      'North tub',
      'Ünïcödé ☂ 花',
      '  spaced  ',
      'two\nlines',
      '<img src=x onerror=alert(1)>',
      '"quoted" & \'more\'',
      '12 L',
    ],
  }
}
