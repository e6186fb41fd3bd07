import { and, eq, isNull } from 'drizzle-orm'
import type { Database } from '../database'
import { NotFound } from '../errors'
import { lockLot } from './lots'
import { lotFindings } from './lotTables'
import type { StoredFinding } from './readLots'

export type NewFinding = Omit<StoredFinding, 'id' | 'lotId' | 'endedAt'>

/** Keeps what was found in a lot. */
export async function addFindings(
  db: Database,
  lotId: number,
  found: readonly NewFinding[],
): Promise<number[]> {
  if (found.length === 0) return []
  await lockLot(db, lotId)
  const rows = await db
    .insert(lotFindings)
    .values(found.map((one) => ({ ...one, lotId })))
    .returning({ id: lotFindings.id })
  return rows.map(({ id }) => id)
}

/** Takes a finding back, or up again; it stays written down. @throws NotFound */
export async function endFinding(
  db: Database,
  lotId: number,
  findingId: number,
  endedAt: Date | null,
): Promise<void> {
  await lockLot(db, lotId)
  const [row] = await db
    .update(lotFindings)
    .set({ endedAt })
    .where(and(eq(lotFindings.id, findingId), eq(lotFindings.lotId, lotId)))
    .returning({ id: lotFindings.id })
  if (!row) throw new NotFound('There is no such finding on this lot.')
}

/** What was still open when the lot was mixed anew, or its problem dealt with. */
export async function endOpenFindings(
  db: Database,
  lotId: number,
  endedAt: Date,
): Promise<number[]> {
  const rows = await db
    .update(lotFindings)
    .set({ endedAt })
    .where(and(eq(lotFindings.lotId, lotId), isNull(lotFindings.endedAt)))
    .returning({ id: lotFindings.id })
  return rows.map(({ id }) => id)
}

/** Takes back what a trial of that name wrote down in a lot: it is opened again. */
export async function endFindingsOfTrial(
  db: Database,
  lotId: number,
  trialName: string,
  endedAt: Date,
): Promise<void> {
  await lockLot(db, lotId)
  await db
    .update(lotFindings)
    .set({ endedAt })
    .where(
      and(
        eq(lotFindings.lotId, lotId),
        eq(lotFindings.kind, 'seedlings'),
        eq(lotFindings.source, 'test'),
        eq(lotFindings.note, trialName),
        isNull(lotFindings.endedAt),
      ),
    )
}
