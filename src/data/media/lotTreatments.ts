import { and, eq } from 'drizzle-orm'
import type { Database } from '../database'
import { NotFound } from '../errors'
import { lockLot } from './lots'
import { lotTreatments } from './lotTables'
import type { StoredTreatment } from './readLots'

export type NewTreatment = Pick<
  StoredTreatment,
  'at' | 'kind' | 'until' | 'skimCm' | 'note' | 'problemIds'
>

/** Writes down what was done with a lot, or decided of it. */
export async function addTreatment(
  db: Database,
  lotId: number,
  treatment: NewTreatment,
): Promise<number> {
  await lockLot(db, lotId)
  const [row] = await db
    .insert(lotTreatments)
    .values({ ...treatment, lotId })
    .returning({ id: lotTreatments.id })
  if (!row) throw new Error('What was done was not kept.')
  return row.id
}

/** Takes it back as never done, or up again; ends it, or lets it go on. @throws NotFound */
export async function changeTreatment(
  db: Database,
  lotId: number,
  treatmentId: number,
  change: Partial<Pick<StoredTreatment, 'takenBackAt' | 'endedAt'>>,
): Promise<void> {
  await lockLot(db, lotId)
  const [row] = await db
    .update(lotTreatments)
    .set(change)
    .where(and(eq(lotTreatments.id, treatmentId), eq(lotTreatments.lotId, lotId)))
    .returning({ id: lotTreatments.id })
  if (!row) throw new NotFound('There is no such entry on this lot.')
}
