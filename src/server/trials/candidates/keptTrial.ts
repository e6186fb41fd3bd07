import { readTrial, type Trial } from '../../../data/trials'
import type { OpenDatabase } from '../../database'
import { keepFor } from '../../keepFor'

const keptTrials = keepFor<number, Trial>(200)

/** A trial in a version; one that is over is read once. */
export async function keptTrial(
  db: OpenDatabase,
  { id, version }: { readonly id: number; readonly version: number },
): Promise<Trial> {
  const kept = keptTrials.read(db, id, String(version))
  if (kept) return kept
  const trial = await readTrial(db, id)
  if (trial.closedAt) keptTrials.write(db, id, String(version), trial)
  return trial
}
