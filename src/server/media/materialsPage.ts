import { waterContent } from '../../core/media'
import { listMaterials, type StoredMaterial } from '../../data/media'
import type { MaterialRow, MaterialsPage, MaterialsQuery } from '../../messages/media/materials'
import type { OpenDatabase } from '../database'

/** Materials that hold every word of the filter, in the order asked for; empty values come last. */
export async function materialsPage(
  db: OpenDatabase,
  { offset, limit, filter, order, descending }: MaterialsQuery,
): Promise<MaterialsPage> {
  const words = filter.toLocaleLowerCase().split(/\s+/).filter(Boolean)
  const rows = (await listMaterials(db))
    .map(rowOf)
    .filter(({ name, group }) => {
      const text = `${name} ${group}`.toLocaleLowerCase()
      return words.every((word) => text.includes(word))
    })
    .sort((a, b) => compare(a[order], b[order], descending) || a.name.localeCompare(b.name))
  return { rows: rows.slice(offset, offset + limit), total: rows.length }
}

function rowOf({ material, pricePerLitre, litres }: StoredMaterial): MaterialRow {
  const { id, name, group, bulkDensity, totalPorosity, grainMm, pH, ec1to2, cToN, curve } = material
  return {
    id,
    name,
    group,
    bulkDensity,
    totalPorosity,
    airAt10: totalPorosity - waterContent(curve, 10),
    grainMm,
    pH,
    ec1to2,
    cToN,
    pricePerLitre,
    stockLitres: litres,
  }
}

function compare(
  a: string | number | null,
  b: string | number | null,
  descending: boolean,
): number {
  if (a === null || b === null) return Number(a === null) - Number(b === null)
  const order =
    typeof a === 'number' && typeof b === 'number' ? a - b : String(a).localeCompare(String(b))
  return descending ? -order : order
}
