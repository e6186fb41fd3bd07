import assert from 'node:assert/strict'
import { asOneReading, readingAnew } from '../src/data/kept'
import { listLotSummaries } from '../src/data/media'
import { benchPage } from '../src/server/bench'
import { placesPage, potPage, potsPage, roundPage } from '../src/server/containers'
import type { OpenDatabase } from '../src/server/database'
import { summarizeAllLots } from '../src/server/lots'
import { auditPage, lotPage, lotsPage } from '../src/server/media'
import { mixesPage } from '../src/server/mixes'
import { ladderPage, turnoverPage } from '../src/server/recondition'
import { candidatesPage, trialsPage } from '../src/server/trials'
import { TROUGH_TO_STRAWBERRY } from './answers'
import { NOW } from './database'
import { drawFrom, pick, type Random } from './random'
import { writeAtRandom } from './randomWrites'

/** Writes at random, and proves after each step of a few pages that they are as if nothing had been kept. */
export async function compareKeptPages(
  db: OpenDatabase,
  seed: number,
  steps: number,
): Promise<ReadonlyMap<string, number>> {
  const random = drawFrom(seed)
  return writeAtRandom(db, random, steps, async (_, said) => {
    const after = `after\n${said.slice(-4).join('\n')}`
    assert.deepEqual(...(await summariesOf(db)), `what lists are sorted by ${after}`)
    for (const [name, page] of await pagesOf(db, random)) {
      const kept = await asOneReading(() => settled(page))
      const anew = await readingAnew(() => settled(page))
      assert.deepEqual(kept, anew, `${name} ${after}`)
    }
  })
}

/** What lists of lots are sorted and narrowed by, as writes left it and as it is worked out of all lots anew. */
async function summariesOf(db: OpenDatabase) {
  const summaries = async () => (await listLotSummaries(db)).sort((a, b) => a.lotId - b.lotId)
  const left = await summaries()
  await readingAnew(() => summarizeAllLots(db, async () => true))
  return [left, await summaries()] as const
}

type Page = () => Promise<unknown>

/** A few of them each time: all would take longer than the writes. */
async function pagesOf(db: OpenDatabase, random: Random): Promise<(readonly [string, Page])[]> {
  const id = (table: string) => async () => {
    const { rows } = await db.execute<{ id: number }>(`select id from ${table} order by id`)
    return pick(random, rows).id
  }
  const lot = await id('lots where put_away_at is null')()
  const pot = await id('containers where put_away_at is null')()
  const all: (readonly [string, Page])[] = [
    ['lots', () => lotsPage(db, { order: 'air' })],
    ['pots', () => potsPage(db, {})],
    ['places', () => placesPage(db)],
    ['mixes', () => mixesPage(db, {})],
    ['all litres', () => auditPage(db)],
    ['bench', () => benchPage(db, {}, NOW)],
    ['round', () => roundPage(db, {})],
    ['turnover', () => turnoverPage(db, {})],
    ['trials', () => trialsPage(db, {})],
    ['candidates', () => candidatesPage(db, {})],
    ['ways', () => ladderPage(db, TROUGH_TO_STRAWBERRY, NOW)],
    [`lot ${lot}`, () => lotPage(db, lot, NOW)],
    [`pot ${pot}`, () => potPage(db, pot)],
  ]
  return [...all].sort(() => random() - 0.5).slice(0, 4)
}

/** What it shows, as it goes to the browser, or why it shows nothing. */
export async function settled(page: Page): Promise<unknown> {
  try {
    return JSON.parse(JSON.stringify(await page()))
  } catch (error) {
    return String(error)
  }
}
