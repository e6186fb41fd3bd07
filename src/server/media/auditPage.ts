import type { LedgerKind } from '../../core/media'
import { keepEach } from '../../data/kept'
import {
  litresThere,
  newestTransfers,
  readLotNames,
  sumsByKind,
  unbalancedLots,
} from '../../data/media'
import { readSite } from '../../data/site'
import type { AuditPage } from '../../messages/media/audit'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'

/** In the order of the page: what came, what was counted, what left. */
const KINDS: readonly LedgerKind[] = [
  'filled',
  'topped-up',
  'amended',
  'recounted',
  'treated',
  'tested',
  'moved',
  'packed',
  'settled',
  'lost',
  'discarded',
  'emptied',
]
/** Between lots: what one loses the other gains. */
const BETWEEN: readonly LedgerKind[] = ['split', 'merged']
const MOST_TRANSFERS = 50

interface AddedUp {
  readonly sums: Awaited<ReturnType<typeof sumsByKind>>
  readonly unbalanced: Awaited<ReturnType<typeof unbalancedLots>>
}

/** Ten years of a nursery are a hundred thousand entries: added up once until the next is written. */
const keptSums = keepEach<'sums', AddedUp>(['litres'], 1)

async function addedUp(db: OpenDatabase, timeZone: string): Promise<AddedUp> {
  const kept = await keptSums(db)
  const known = kept.read('sums', timeZone)
  if (known) return known
  const made = { sums: await sumsByKind(db, timeZone), unbalanced: await unbalancedLots(db) }
  kept.write('sums', timeZone, made)
  return made
}

/** Every litre that ever came, with where it went: what came in is what is there and what left. */
export async function auditPage(db: OpenDatabase): Promise<AuditPage> {
  const { timeZone } = await readSite(db)
  const { sums, unbalanced } = await addedUp(db, timeZone)
  const years = [...new Set(sums.map(({ year }) => year))].sort((a, b) => a - b)
  const litresOf = (kind: LedgerKind, year: number) =>
    sums.find((one) => one.kind === kind && one.year === year)?.litres ?? 0
  const rows = KINDS.map((kind) => ({
    kind,
    byYear: years.map((year) => litresOf(kind, year)),
    litres: years.reduce((total, year) => total + litresOf(kind, year), 0),
  })).filter(({ byYear }) => byYear.some((litres) => litres !== 0))
  const moved = sums.filter(({ kind }) => BETWEEN.includes(kind))
  const there = await litresThere(db)
  const names = await readLotNames(
    db,
    unbalanced.map(({ lotId }) => lotId),
  )
  return {
    years,
    rows,
    inUseLitres: there.inUse,
    putAwayLitres: there.putAway,
    unaccountedLitres:
      sums.reduce((sum, { litres }) => sum + litres, 0) - there.inUse - there.putAway,
    betweenByYear: years.map((year) =>
      moved.reduce((sum, one) => sum + (one.year === year ? one.came : 0), 0),
    ),
    unbalanced: unbalanced.map((one) => ({ ...one, name: names.get(one.lotId) ?? '' })),
    transfers: (await newestTransfers(db, MOST_TRANSFERS)).map(({ at, ...one }) => ({
      ...one,
      on: dayAt(timeZone, at),
    })),
  }
}
