import { addReadContainers, takenCodes } from '../../data/containers'
import type { Database } from '../../data/database'
import { inTransaction } from '../../data/inTransaction'
import { createLot, materialsById } from '../../data/media'
import { readSite } from '../../data/site'
import type { PastedPots, PastedTable } from '../../messages/containers/pastedPots'
import { readPastedPots } from './pastedPots'

/**
 * Looks at a pasted table of pots, or makes them: all of it or, while a row is wrong, nothing.
 * @throws DomainError where it is no table
 */
export async function pastePots(
  db: Database,
  { text, check }: PastedPots,
  at: Date,
): Promise<PastedTable> {
  const { measures } = await readSite(db)
  return inTransaction(db, async (tx) => {
    const mixes = [...(await materialsById(tx)).values()]
    const table = readPastedPots(text, await takenCodes(tx), measures, mixes)
    const isRight = table.rows.every(({ errors }) => errors.length === 0)
    const ids =
      check || !isRight
        ? []
        : await addReadContainers(
            tx,
            table.rows.flatMap(({ pot }) => pot ?? []),
          )
    if (ids.length > 0) await fillPasted(tx, table, ids, at)
    return {
      ...table,
      rows: table.rows.map(({ pot: _, filling: __, ...row }) => row),
      ids,
    }
  })
}

/** What stands in the pots of a row is one lot, as old as was told. */
async function fillPasted(
  db: Database,
  { rows }: ReturnType<typeof readPastedPots>,
  ids: readonly number[],
  at: Date,
): Promise<void> {
  let first = 0
  for (const { pot, filling, litres, name } of rows) {
    const containerIds = ids.slice(first, first + (pot?.count ?? 0))
    first += containerIds.length
    if (!filling || litres === null) continue
    const total = litres * containerIds.length
    const components = [{ materialId: filling.materialId, litres: total }]
    await createLot(db, {
      name,
      origin: 'bag',
      storeBin: null,
      containerIds,
      lines: [{ kind: 'filled', litres: total, components, doses: [], note: null }],
      at,
      yearsTold: filling.years,
    })
  }
}
