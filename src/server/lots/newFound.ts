import type { Database } from '../../data/database'
import { addFindings, readLot } from '../../data/media'
import { readSite } from '../../data/site'
import type { NewFound } from '../../messages/media/found'
import { dayAt } from '../clock'
import { Refused } from '../problem'
import { readTables } from '../tables'
import { lastGroup } from './foundIn'
import type { Tables } from './lotFacts'

/**
 * Keeps what somebody saw in a lot, with the family of what grew in it.
 * @param ofCrop what grew just where it was seen; where it is left out, the crop of the lot's innings
 */
export async function newFound(
  db: Database,
  lotId: number,
  { problemId, note }: NewFound,
  at: Date,
  ofCrop: string | null = null,
): Promise<{ readonly id: number }> {
  const { timeZone } = await readSite(db)
  const tables = await readTables(db, timeZone)
  if (!tables.problems.has(problemId)) {
    const message = 'Choose what you saw from the list'
    throw new Refused(422, 'not-valid', message, [{ field: 'problemId', message }])
  }
  const lot = await readLot(db, lotId)
  const [id] = await addFindings(db, lotId, [
    {
      at,
      kind: 'problem',
      state: 'trouble',
      problemId,
      numbers: {},
      word: null,
      families: [],
      season: Number(dayAt(timeZone, at).slice(0, 4)),
      rotationGroup: groupOf(ofCrop, tables) ?? lastGroup(lot, tables),
      source: 'seen',
      testId: null,
      note: note?.trim() || null,
    },
  ])
  if (id === undefined) throw new Error('The finding was not kept.')
  return { id }
}

function groupOf(cropId: string | null, { crops }: Pick<Tables, 'crops'>): string | null {
  return cropId === null ? null : (crops.get(cropId)?.rotationGroup ?? null)
}
