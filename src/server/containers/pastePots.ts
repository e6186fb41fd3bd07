import { addReadContainers, takenCodes } from '../../data/containers'
import type { Database } from '../../data/database'
import { readSite } from '../../data/site'
import type { PastedPots, PastedTable } from '../../messages/containers/pastedPots'
import { readPastedPots } from './pastedPots'

/**
 * Looks at a pasted table of pots, or makes them: all of it or, while a row is wrong, nothing.
 * @throws DomainError where it is no table
 */
export async function pastePots(db: Database, { text, check }: PastedPots): Promise<PastedTable> {
  const { measures } = await readSite(db)
  return db.transaction(async (tx) => {
    const table = readPastedPots(text, await takenCodes(tx), measures)
    const isRight = table.rows.every(({ errors }) => errors.length === 0)
    const ids =
      check || !isRight
        ? []
        : await addReadContainers(
            tx,
            table.rows.flatMap(({ pot }) => pot ?? []),
          )
    return { ...table, rows: table.rows.map(({ pot: _, ...row }) => row), ids }
  })
}
