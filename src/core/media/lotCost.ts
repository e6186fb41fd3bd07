import type { LedgerKind } from './ledger'

/** An entry of a ledger as far as money goes. */
export interface CostedEntry {
  readonly id: number
  readonly reversesId: number | null
  readonly kind: LedgerKind
  /** In (positive) or out (negative). */
  readonly litres: number
  /** Of what came in with it; null where a price was not known. */
  readonly cost: number | null
}

export interface LotCost {
  /** Of what stands there now, as far as prices were known. */
  readonly total: number
  /** Of what is there, or of the last that was there. */
  readonly perLitre: number
  /** That came in without a price and are there still, L. */
  readonly unknownLitres: number
}

/** What is measured anew or sinks changes the litres, not the money in them. */
const KEEPS_MONEY: readonly LedgerKind[] = ['packed', 'settled', 'recounted', 'moved']

/**
 * What the mix in a lot cost: what came in at its price that day, less the share of what went out. What was reversed
 * never happened. Settling keeps the money, so a litre costs more afterwards.
 * @param entries oldest first
 */
export function lotCost(entries: readonly CostedEntry[]): LotCost {
  const reversed = new Set(entries.map(({ reversesId }) => reversesId))
  let litres = 0
  let total = 0
  let unknownLitres = 0
  let perLitre = 0
  for (const { id, reversesId, kind, litres: change, cost } of entries) {
    if (reversesId !== null || reversed.has(id)) continue
    const after = litres + change
    if (change < 0 && litres > 0) {
      const left = Math.max(0, after) / litres
      if (!KEEPS_MONEY.includes(kind)) total *= left
      unknownLitres *= left
    } else if (!KEEPS_MONEY.includes(kind)) {
      total += cost ?? 0
      if (cost === null) unknownLitres += change
    }
    litres = Math.max(0, after)
    if (litres > 0) perLitre = total / litres
  }
  return { total, perLitre, unknownLitres }
}

/**
 * What is measured out at the prices of the day; null where one of them is not known.
 * @param priceOf of a litre of a material, or of a gram of an amendment
 */
export function costOfLine(
  line: {
    readonly components: readonly { readonly materialId: string; readonly litres: number }[]
    readonly doses: readonly { readonly amendmentId: string; readonly grams: number }[]
  },
  priceOf: {
    readonly litre: (materialId: string) => number | null
    readonly gram: (amendmentId: string) => number | null
  },
): number | null {
  let total = 0
  for (const { materialId, litres } of line.components) {
    const price = litres > 0 ? priceOf.litre(materialId) : 0
    if (price === null) return null
    total += price * Math.max(0, litres)
  }
  for (const { amendmentId, grams } of line.doses) {
    const price = grams > 0 ? priceOf.gram(amendmentId) : 0
    if (price === null) return null
    total += price * Math.max(0, grams)
  }
  return total
}
