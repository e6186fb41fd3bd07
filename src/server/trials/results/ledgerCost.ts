import { type CostedEntry, type LotCost, lotCost } from '../../../core/media'
import { ledgerEver } from '../../../data/media'
import type { OpenDatabase } from '../../database'

/** What the mix in a lot cost, by all that was ever written in its ledger. */
export async function ledgerCost(db: OpenDatabase, lotId: number): Promise<LotCost> {
  const ledger = await ledgerEver(db, lotId)
  const oldestFirst: CostedEntry[] = [...ledger].sort((a, b) => a.id - b.id)
  return lotCost(oldestFirst)
}
