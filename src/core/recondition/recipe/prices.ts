import type { StockAmendment, StockMaterial } from './recipeTypes'

/**
 * Prices a choice is made by: a price that is not known counts as the median of its kind, else of all that is known.
 * What a recipe costs is told without them.
 */
export function pricePerLitreOf(
  materials: readonly StockMaterial[],
): (id: string | undefined) => number {
  const byId = new Map(materials.map((row) => [row.material.id, row]))
  const known = (rows: readonly StockMaterial[]) => rows.flatMap((row) => row.pricePerLitre ?? [])
  const all = median(known(materials)) ?? 0
  return (id) => {
    const row = id === undefined ? undefined : byId.get(id)
    if (!row) return 0
    if (row.pricePerLitre !== null) return row.pricePerLitre
    const kind = materials.filter(({ material }) => material.group === row.material.group)
    return median(known(kind)) ?? all
  }
}

/** The same of what is weighed in, for a kilogram. */
export function pricePerKgOf(
  amendments: readonly StockAmendment[],
): (row: StockAmendment) => number {
  const known = (rows: readonly StockAmendment[]) => rows.flatMap((row) => row.pricePerKg ?? [])
  const all = median(known(amendments)) ?? 0
  return ({ amendment, pricePerKg }) =>
    pricePerKg ??
    median(known(amendments.filter((row) => row.amendment.kind === amendment.kind))) ??
    all
}

/** What a litre of fresh mix costs, the measure of all other costs: the one that would be used, else the usual one; null where no price is known at all. */
export function freshMixPrice(
  materials: readonly StockMaterial[],
  fresh: StockMaterial | null,
): number | null {
  const above = (price: number | null | undefined) => (price && price > 0 ? price : null)
  const known = (rows: readonly StockMaterial[]) =>
    rows.flatMap((row) => above(row.pricePerLitre) ?? [])
  return (
    above(fresh?.pricePerLitre) ??
    median(known(materials.filter(({ material }) => material.group === 'bagged mix'))) ??
    median(known(materials))
  )
}

function median(values: readonly number[]): number | null {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = sorted.length / 2
  if (sorted.length === 0) return null
  return Number.isInteger(middle)
    ? ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2
    : (sorted[Math.floor(middle)] as number)
}
