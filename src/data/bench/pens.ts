import { and, asc, desc, eq, isNull } from 'drizzle-orm'
import type { BufferReading } from '../../core/bench'
import type { Database } from '../database'
import { NotFound } from '../errors'
import { keep } from '../kept'
import { penCalibrations, pens } from './benchTables'

export type StoredCalibration = typeof penCalibrations.$inferSelect

/** A pen with its log, newest first. */
export interface Pen {
  readonly id: number
  readonly name: string
  /** Whether it shows salts as at 25 °C; null until a reading told. */
  readonly compensates: boolean | null
  readonly calibrations: readonly StoredCalibration[]
}

/** All pens in use, by name. */
export const listPens = keep('pens', async (db): Promise<readonly Pen[]> => {
  const rows = await db.select().from(pens).where(isNull(pens.putAwayAt)).orderBy(asc(pens.name))
  const log = await db.select().from(penCalibrations).orderBy(desc(penCalibrations.at))
  return rows.map(({ id, name, compensates }) => ({
    id,
    name,
    compensates,
    calibrations: log.filter(({ penId }) => penId === id),
  }))
})

export async function addPen(db: Database, name: string, at: Date): Promise<number> {
  const [made] = await db.insert(pens).values({ name, createdAt: at }).returning({ id: pens.id })
  if (!made) throw new Error('The pen was not written down.')
  return made.id
}

/** What a pen was said to show is not asked again. */
export async function rememberPen(
  db: Database,
  penId: number,
  compensates: boolean,
): Promise<void> {
  await db.update(pens).set({ compensates }).where(eq(pens.id, penId))
}

/** @throws NotFound for a pen that is not there */
export async function addCalibration(
  db: Database,
  penId: number,
  calibration: {
    readonly at: Date
    readonly tempC: number
    readonly buffers: readonly BufferReading[]
  },
): Promise<void> {
  const [pen] = await db
    .select({ id: pens.id })
    .from(pens)
    .where(and(eq(pens.id, penId), isNull(pens.putAwayAt)))
  if (!pen) throw new NotFound(`There is no pen ${penId}.`)
  await db.insert(penCalibrations).values({ penId, ...calibration })
}
