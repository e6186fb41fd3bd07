import { containers, placed } from '../../src/data/containers'
import type { Database } from '../../src/data/database'
import { CONTAINERS } from '../../src/data/demo'
import { between, pick, type Random } from '../../testing/random'
import { insertRows } from './insertRows'

const QUARTERS = ['Tunnel', 'Terrace', 'Bench', 'Frame', 'Wall', 'Deck'] as const
const POTS_AT_A_PLACE = 30

/** Adds pots like those of the made-up garden until it has so many. */
export async function growContainers(db: Database, random: Random, wanted: number): Promise<void> {
  const there = await db.$count(containers)
  const places = Math.max(3, Math.round(wanted / POTS_AT_A_PLACE))
  const rows: (typeof containers.$inferInsert)[] = []
  for (let i = 0; i < wanted - there; i++) {
    const { name, shape, headspaceCm, exposure } = pick(random, CONTAINERS)
    const place = between(random, 1, places)
    const where = await placed(db, `${QUARTERS[place % QUARTERS.length]} ${place}`, exposure)
    rows.push({ code: `N${String(i + 1).padStart(4, '0')}`, name, shape, headspaceCm, ...where })
  }
  await insertRows(db, containers, rows)
}
