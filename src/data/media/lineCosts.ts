import { asc, eq } from 'drizzle-orm'
import { costOfLine, type LedgerLine, lotCost } from '../../core/media'
import { listAmendments } from '../chemistry/amendments'
import type { Database } from '../database'
import type { LineLinks } from './lots'
import { ledgerEntries } from './lotTables'
import { listMaterials } from './materials'

/**
 * What came in with each line cost: at the prices of the shelf, or at what a litre cost in the lot it comes from; null
 * where that is not known, and where nothing came in.
 */
export async function lineCosts(
  db: Database,
  lines: readonly LedgerLine[],
  { otherLotId, transferId }: Pick<LineLinks, 'otherLotId' | 'transferId'>,
): Promise<(number | null)[]> {
  if (!lines.some(comesIn)) return lines.map(() => null)
  const isOfOther = ({ kind }: LedgerLine) => kind === 'split' || transferId !== undefined
  const other =
    otherLotId !== undefined && lines.some(isOfOther) ? await costOfLot(db, otherLotId) : null
  const priceOf = lines.every(isOfOther) ? null : await pricesOf(db)
  return lines.map((line) => {
    if (!comesIn(line)) return null
    if (isOfOther(line)) return other === null ? null : other * Math.max(0, line.litres)
    return priceOf && costOfLine(line, priceOf)
  })
}

/** Of a litre that stands in a lot; null where some of it came in without a price. */
async function costOfLot(db: Database, lotId: number): Promise<number | null> {
  const ledger = await db
    .select()
    .from(ledgerEntries)
    .where(eq(ledgerEntries.lotId, lotId))
    .orderBy(asc(ledgerEntries.id))
  const { perLitre, unknownLitres } = lotCost(ledger)
  return unknownLitres > 0 ? null : perLitre
}

async function pricesOf(db: Database): Promise<Parameters<typeof costOfLine>[1]> {
  const litre = new Map(
    (await listMaterials(db)).map(({ material, pricePerLitre }) => [material.id, pricePerLitre]),
  )
  const kilo = new Map(
    (await listAmendments(db)).map(({ amendment, pricePerKg }) => [amendment.id, pricePerKg]),
  )
  return {
    litre: (id) => litre.get(id) ?? null,
    gram: (id) => {
      const price = kilo.get(id) ?? null
      return price === null ? null : price / 1000
    },
  }
}

function comesIn({ litres, doses }: LedgerLine): boolean {
  return litres > 0 || doses.length > 0
}
