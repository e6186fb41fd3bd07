import {
  contentsOf,
  type LedgerComponent,
  type LedgerLine,
  proportionalLine,
} from '../../src/core/media'
import type { innings, measurements } from '../../src/data/media'
import { between, pick, type Random } from '../../testing/random'

const DAY_MS = 86_400_000
const YEAR_DAYS = 365
const SEASON_DAYS = 190

const FILLS: readonly Readonly<Record<string, number>>[] = [
  { 'all-purpose-mix': 0.7, 'garden-compost': 0.2, 'perlite-coarse': 0.1 },
  { 'peat-medium': 0.5, 'bark-fine': 0.25, 'perlite-coarse': 0.25 },
  { 'coir-pith': 0.55, 'garden-compost': 0.25, 'rice-hulls': 0.2 },
  { 'acid-mix': 0.6, 'bark-fine': 0.3, grit: 0.1 },
  { 'leaf-mould': 0.4, 'all-purpose-mix': 0.4, pumice: 0.2 },
]
const CROPS = ['chard', 'strawberry', 'snapdragon', 'tomato-bush', 'lettuce'] as const
const OUTCOMES = ['well', 'well', 'fair', 'poor'] as const

export interface LotHistory {
  readonly lines: readonly (LedgerLine & { readonly at: Date })[]
  readonly innings: readonly Omit<typeof innings.$inferInsert, 'lotId'>[]
  readonly measurements: readonly Omit<typeof measurements.$inferInsert, 'lotId'>[]
  readonly beganAt: Date
}

/** A life of a lot: filled, planted, sunk, read, limed and topped up, year by year. */
export function lotHistory(
  random: Random,
  {
    litres,
    years,
    stillGrows,
    now,
  }: { litres: number; years: number; stillGrows: boolean; now: Date },
): LotHistory {
  const dayBefore = (days: number) => new Date(now.getTime() - Math.round(days) * DAY_MS)
  const began = 20 + SEASON_DAYS + (years - 1) * YEAR_DAYS + between(random, 0, 20)
  const lines: (LedgerLine & { at: Date })[] = []
  const seasons: Omit<typeof innings.$inferInsert, 'lotId'>[] = []
  const read: Omit<typeof measurements.$inferInsert, 'lotId'>[] = []
  const add = (line: LedgerLine, daysAgo: number) => lines.push({ ...line, at: dayBefore(daysAgo) })
  const filled = Object.entries(pick(random, FILLS)).map(
    ([materialId, share]): LedgerComponent => ({ materialId, litres: share * litres }),
  )
  add({ kind: 'filled', litres, components: filled, doses: [], note: null }, began)
  for (let year = 0; year < years; year++) {
    const start = began - year * YEAR_DAYS
    const end = Math.max(1, start - SEASON_DAYS)
    const last = year === years - 1
    const grows = last && stillGrows
    seasons.push({
      number: year + 1,
      cropId: pick(random, CROPS),
      startedOn: isoDay(dayBefore(start)),
      endedOn: grows ? null : isoDay(dayBefore(end)),
      outcome: grows ? null : pick(random, OUTCOMES),
      readyOn: isoDay(dayBefore(start)),
      plantedOn: isoDay(dayBefore(start)),
      litres,
    })
    const lime = { amendmentId: 'dolomitic-lime', grams: between(random, 5, 60) }
    add({ kind: 'amended', litres: 0, components: [], doses: [lime], note: null }, start - 1)
    read.push(
      {
        at: dayBefore(start - 30),
        quantity: 'ph',
        value: 5.4 + random() * 2,
        method: '1:2 extract',
      },
      {
        at: dayBefore(start - 30),
        quantity: 'ecSme',
        value: 0.6 + random() * 3,
        method: '1:2 extract, converted',
      },
    )
    if (grows) continue
    const sunk = contentsOf(lines)
    add(proportionalLine(sunk, 'settled', -0.06 * sunk.litres), end)
    if (last) continue
    const topped = [{ materialId: 'garden-compost', litres: 0.06 * sunk.litres }]
    const litresAdded = 0.06 * sunk.litres
    add(
      { kind: 'topped-up', litres: litresAdded, components: topped, doses: [], note: null },
      end - 40,
    )
  }
  return { lines, innings: seasons, measurements: read, beganAt: dayBefore(began) }
}

export function isoDay(at: Date): string {
  return at.toISOString().slice(0, 10)
}
