import { type LedgerLine, proportionalLine } from '../../core/media'
import { requireContainers } from '../../data/containers'
import { appendLines, materialsById, readLot } from '../../data/media'
import type { NewEntry } from '../../messages/media/lots'
import type { OpenDatabase } from '../database'
import { litresThatFit, refuseTooMuch } from '../lots'
import { Refused } from '../problem'

/** Writes one entry by hand into a lot's ledger. */
export async function newEntry(
  db: OpenDatabase,
  lotId: number,
  entry: NewEntry,
  at: Date,
): Promise<void> {
  const line = await lineOf(db, lotId, entry)
  if (line.litres > 0) await requireRoom(db, lotId, line)
  await appendLines(db, lotId, [line], at)
}

/** What is added goes into the containers the lot stands in; in a store bin there is always room. */
async function requireRoom(db: OpenDatabase, lotId: number, line: LedgerLine): Promise<void> {
  const { contents, containerIds } = await readLot(db, lotId)
  if (containerIds.length === 0) return
  const shapes = (await requireContainers(db, containerIds)).map(({ shape }) => shape)
  const materials = await materialsById(db)
  const components = line.components.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId)
    return material && litres > 0 ? [{ material, parts: litres }] : []
  })
  const fits = Math.max(0, litresThatFit(shapes, components) - contents.litres)
  if (line.litres <= fits) return
  refuseTooMuch('litres', line.litres, fits, 'Keep the rest as a lot of its own.')
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
