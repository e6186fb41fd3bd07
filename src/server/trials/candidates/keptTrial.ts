import { keepEach } from '../../../data/kept'
import { readTrial, type Trial } from '../../../data/trials'
import type { OpenDatabase } from '../../database'

const keptTrials = keepEach<number, Trial>([], 200)

/** A trial in a version; one that is over is read once. */
export async function keptTrial(
  db: OpenDatabase,
  { id, version }: { readonly id: number; readonly version: number },
): Promise<Trial> {
  const kept = await keptTrials(db)
  const known = kept.read(id, String(version))
  if (known) return known
  const trial = await readTrial(db, id)
  if (trial.closedAt) kept.write(id, String(version), trial)
  return trial
}
