import { contentsOf, type LedgerLine } from '../../core/media'
import { among } from '../among'
import type { Database } from '../database'
import { lotContents } from './lotTables'

/** Keeps what the ledger adds up to beside it. */
export async function writeContents(
  db: Database,
  lotId: number,
  ledger: readonly Pick<LedgerLine, 'components'>[],
): Promise<void> {
  await writeContentsOfMany(db, [[lotId, ledger]])
}

/** The same of many lots at once. */
export async function writeContentsOfMany(
  db: Database,
  ledgers: readonly (readonly [lotId: number, ledger: readonly Pick<LedgerLine, 'components'>[]])[],
): Promise<void> {
  const ids = ledgers.map(([lotId]) => lotId)
  await db.delete(lotContents).where(among(lotContents.lotId, ids))
  const rows = ledgers.flatMap(([lotId, ledger]) =>
    contentsOf(ledger).components.map((component) => ({ lotId, ...component })),
  )
  if (rows.length > 0) await db.insert(lotContents).values(rows)
}
