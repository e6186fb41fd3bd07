import type { RecipeInput } from '../../core/recondition'
import { listAmendments } from '../../data/chemistry'
import { listMaterials } from '../../data/media'
import { listFindings, type TrialFinding } from '../../data/trials'
import type { OpenDatabase } from '../database'

const PERCENT = 100

/**
 * What can be had: everything in stock or with a price. A group of which nothing was entered yet is offered whole,
 * so that a new garden gets a recipe too.
 */
export async function stockOf(db: OpenDatabase): Promise<RecipeInput['stock']> {
  const caps = await listFindings(db, { kind: 'cap' })
  const materials = (await listMaterials(db)).map((row) => {
    const found = mostFound(caps, row.material.id)
    return found.length > 0 ? { ...row, mostFound: found } : row
  })
  const amendments = await listAmendments(db)
  return {
    materials: entered(
      materials,
      ({ material }) => material.group,
      ({ litres, pricePerLitre }) => litres > 0 || pricePerLitre !== null,
    ),
    amendments: entered(
      amendments,
      ({ amendment }) => amendment.kind,
      ({ grams, pricePerKg }) => grams > 0 || pricePerKg !== null,
    ),
  }
}

function entered<Row>(
  rows: readonly Row[],
  groupOf: (row: Row) => string,
  isEntered: (row: Row) => boolean,
): Row[] {
  const known = new Set(rows.filter(isEntered).map(groupOf))
  return rows.filter((row) => isEntered(row) || !known.has(groupOf(row)))
}

/** What trials found to be the most of a material. */
function mostFound(caps: readonly TrialFinding[], materialId: string) {
  return caps.flatMap(({ medium, cropId, maxPercent }) =>
    medium.kind === 'bag' && medium.materialId === materialId && maxPercent !== null
      ? [{ cropId, share: maxPercent / PERCENT }]
      : [],
  )
}
