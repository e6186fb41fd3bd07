import { eq, sql } from 'drizzle-orm'
import type { Material } from '../../core/media'
import type { StockMaterial } from '../../core/recondition'
import { byName } from '../byName'
import type { Database } from '../database'
import { forget, keep } from '../kept'
import { materials } from './materialTables'

type MaterialRow = typeof materials.$inferSelect

export type StoredMaterial = StockMaterial

interface Shelf {
  readonly inUse: readonly StoredMaterial[]
  readonly byId: ReadonlyMap<string, Material>
}

const readShelf = keep(['materials', 'stock'], async (db): Promise<Shelf> => {
  const rows = await db.select().from(materials)
  const stored = rows.map((row) => ({ ...toStock(row), inUse: row.putAwayAt === null }))
  return {
    inUse: stored
      .filter(({ inUse }) => inUse)
      .map(({ inUse, ...rest }) => rest)
      .sort((a, b) => byName(a.material.name, b.material.name)),
    byId: new Map(stored.map(({ material }) => [material.id, material])),
  }
})

/** All materials that were not put away, by name. */
export async function listMaterials(db: Database): Promise<readonly StoredMaterial[]> {
  return (await readShelf(db)).inUse
}

/** All materials by id, put away ones too: old lots still hold them. */
export async function materialsById(db: Database): Promise<ReadonlyMap<string, Material>> {
  return (await readShelf(db)).byId
}

/** Takes litres out of the stock of a material; what was not there counts as bought. */
export async function takeFromStock(db: Database, id: string, litres: number): Promise<number> {
  forget('stock')
  const [row] = await db
    .select({ there: materials.stockLitres })
    .from(materials)
    .where(eq(materials.id, id))
    .for('update')
  await db
    .update(materials)
    .set({
      stockLitres: sql`greatest(0, ${materials.stockLitres} - ${litres})`,
      version: sql`${materials.version} + 1`,
    })
    .where(eq(materials.id, id))
  return Math.min(litres, row?.there ?? 0)
}

/** Gives back what was taken. */
export async function giveToStock(db: Database, id: string, litres: number): Promise<void> {
  forget('stock')
  await db
    .update(materials)
    .set({
      stockLitres: sql`${materials.stockLitres} + ${litres}`,
      version: sql`${materials.version} + 1`,
    })
    .where(eq(materials.id, id))
}

function toStock(row: MaterialRow): StoredMaterial {
  const { thetaR, alpha, n, origin, pricePerLitre, stockLitres, putAwayAt, version, ...rest } = row
  return {
    material: { ...rest, curve: { thetaS: row.totalPorosity, thetaR, alpha, n } },
    litres: stockLitres,
    pricePerLitre,
  }
}
