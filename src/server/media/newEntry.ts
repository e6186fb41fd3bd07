import { type LedgerLine, proportionalLine } from '../../core/media'
import { appendLines, readLot } from '../../data/media/lots'
import { materialsById } from '../../data/media/materials'
import type { NewEntry } from '../../messages/media/lots'
import type { OpenDatabase } from '../database'
import { Refused } from '../problem'

/** Writes one entry by hand into a lot's ledger. */
export async function newEntry(
  db: OpenDatabase,
  lotId: number,
  entry: NewEntry,
  at: Date,
): Promise<void> {
  const line = await lineOf(db, lotId, entry)
  await appendLines(db, lotId, [line], at)
}

async function lineOf(db: OpenDatabase, lotId: number, entry: NewEntry): Promise<LedgerLine> {
  const note = entry.note?.trim() || null
  const { contents } = await readLot(db, lotId)
  if (entry.kind === 'topped-up') {
    const materialId = entry.materialId ?? ''
    if (!(await materialsById(db)).has(materialId)) {
      throw new Refused(422, 'not-valid', 'Choose a material from the list.', [
        { field: 'materialId', message: 'Choose a material from the list.' },
      ])
    }
    const { litres } = entry
    return { kind: 'topped-up', litres, components: [{ materialId, litres }], doses: [], note }
  }
  if (entry.kind === 'emptied') return proportionalLine(contents, 'emptied', -contents.litres, note)
  const litres = entry.kind === 'recounted' ? entry.litres : -entry.litres
  return proportionalLine(contents, entry.kind, litres, note)
}
