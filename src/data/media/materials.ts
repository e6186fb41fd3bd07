import { and, asc, eq, isNotNull, sql } from 'drizzle-orm'
import type { Material } from '../../core/media'
import type { StockMaterial } from '../../core/recondition'
import { benchTests, sampleCalibrations } from '../bench/benchTables'
import { byName } from '../byName'
import type { Database } from '../database'
import { keep } from '../kept'
import { materials } from './materialTables'

type MaterialRow = typeof materials.$inferSelect

export type StoredMaterial = StockMaterial

interface Shelf {
  readonly inUse: readonly StoredMaterial[]
  readonly byId: ReadonlyMap<string, Material>
}

const readShelf = keep(['materials', 'stock'], async (db): Promise<Shelf> => {
  const rows = await db.select().from(materials)
  const tested = await testedMaterials(db)
  const stored = rows.map((row) => {
    const stock = toStock(row)
    const material = asTested(stock.material, tested.get(row.id))
    return { ...stock, material, inUse: row.putAwayAt === null }
  })
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

/** A material as its table has it, whatever its tests found. */
export async function tableMaterial(db: Database, id: string): Promise<Material | null> {
  const [row] = await db.select().from(materials).where(eq(materials.id, id))
  return row ? toStock(row).material : null
}

type Tested = Pick<typeof sampleCalibrations.$inferSelect, 'from' | 'measured'>

/** What the newest tests made of materials; none that rests on a test that was set aside. */
async function testedMaterials(db: Database): Promise<ReadonlyMap<string, Tested>> {
  const rows = await db
    .select({
      id: sampleCalibrations.materialId,
      from: sampleCalibrations.from,
      measured: sampleCalibrations.measured,
    })
    .from(sampleCalibrations)
    .where(
      and(
        isNotNull(sampleCalibrations.materialId),
        sql`not exists (select 1 from ${benchTests} where ${benchTests.thrownAwayAt} is not null and ${benchTests.id} in (select value::integer from jsonb_array_elements_text(${sampleCalibrations.testIds})))`,
      ),
    )
    .orderBy(asc(sampleCalibrations.at), asc(sampleCalibrations.id))
  return new Map(rows.flatMap(({ id, ...one }) => (id && one.from.length > 0 ? [[id, one]] : [])))
}

/** A porosity test tells how it holds water, a drain test how fast it passes. */
function asTested(material: Material, tested: Tested | undefined): Material {
  if (!tested) return material
  const { curve, ksCmPerS } = tested.measured
  return {
    ...material,
    ...(tested.from.includes('porosity') ? { curve, totalPorosity: curve.thetaS } : {}),
    ...(tested.from.includes('drain') ? { ksCmPerS } : {}),
  }
}

/** Takes litres out of the stock of a material; what was not there counts as bought. */
export async function takeFromStock(db: Database, id: string, litres: number): Promise<number> {
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
