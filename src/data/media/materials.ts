import { eq, isNull, sql } from 'drizzle-orm'
import type { Material } from '../../core/media'
import type { StockMaterial } from '../../core/recondition'
import type { Database } from '../database'
import { materials } from './materialTables'

type MaterialRow = typeof materials.$inferSelect

export interface StoredMaterial extends StockMaterial {
  /** false where no price was entered: costs are then told as incomplete. */
  readonly hasPrice: boolean
}

/** All materials that were not put away, by name. */
export async function listMaterials(db: Database): Promise<StoredMaterial[]> {
  const rows = await db.select().from(materials).where(isNull(materials.putAwayAt))
  return rows.map(toStock).sort((a, b) => a.material.name.localeCompare(b.material.name))
}

/** All materials by id, put away ones too: old lots still hold them. */
export async function materialsById(db: Database): Promise<Map<string, Material>> {
  const rows = await db.select().from(materials)
  return new Map(rows.map((row) => [row.id, toStock(row).material]))
}

/** Takes litres out of the stock of a material; what was not there counts as bought. */
export async function takeFromStock(db: Database, id: string, litres: number): Promise<void> {
  await db
    .update(materials)
    .set({
      stockLitres: sql`greatest(0, ${materials.stockLitres} - ${litres})`,
      version: sql`${materials.version} + 1`,
    })
    .where(eq(materials.id, id))
}

function toStock(row: MaterialRow): StoredMaterial {
  const { thetaR, alpha, n, origin, pricePerLitre, stockLitres, putAwayAt, version, ...rest } = row
  return {
    material: { ...rest, curve: { thetaS: row.totalPorosity, thetaR, alpha, n } },
    litres: stockLitres,
    pricePerLitre: pricePerLitre ?? 0,
    hasPrice: pricePerLitre !== null,
  }
}
