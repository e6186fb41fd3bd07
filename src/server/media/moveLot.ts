import { proportionalLine, transferLines } from '../../core/media'
import { requireContainers } from '../../data/containers'
import { inTransaction } from '../../data/inTransaction'
import { bookTransfer, placeWholeLot } from '../../data/media'
import { readOpenOrder } from '../../data/recondition'
import { readSite } from '../../data/site'
import type { MoveAnswer, MoveBody } from '../../messages/media/transfers'
import type { OpenDatabase } from '../database'
import { dosesIn, litresThatFit, readLotFacts, refuseTooMuch, unitedState } from '../lots'
import { Refused } from '../problem'
import { readTables } from '../tables'
import { refuseStanding } from './newTransfer'

/**
 * A whole lot to other pots or into the store. What does not go in becomes a lot in the store where that was asked for.
 * @throws Refused where something grows in what it leaves, a turnover is open on it, or more would go in than there is room
 */
export async function moveLot(
  db: OpenDatabase,
  lotId: number,
  { containerIds, storeBin, rest }: MoveBody,
  at: Date,
): Promise<MoveAnswer> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const facts = await readLotFacts(db, tables, lotId)
  const { lot, containers } = facts
  if ((await readOpenOrder(db, lotId)) !== null) {
    throw new Refused(
      409,
      'order-open',
      'A work order is open on this lot: finish it or put it away first.',
    )
  }
  const left = containers.filter(({ id }) => !containerIds.includes(id))
  await refuseStanding(db, { ...facts, containers: left })
  const pots = await requireContainers(db, containerIds)
  const fits =
    pots.length > 0 && facts.components.length > 0
      ? litresThatFit(
          pots.map(({ shape }) => shape),
          facts.components,
        )
      : lot.contents.litres
  const over = lot.contents.litres - fits
  if (over > 0 && rest !== 'store') {
    refuseTooMuch(
      'litres',
      lot.contents.litres,
      fits,
      'Take one more pot, or keep the rest as a lot in the store.',
    )
  }
  const before = { containerIds: containers.map(({ id }) => id), storeBin: lot.storeBin ?? '' }
  const placeNamed = (codes: readonly string[], bin: string | null) =>
    codes.length > 0 ? codes.join(', ') : bin || 'Store'
  const note = `${placeNamed(
    containers.map(({ code }) => code),
    lot.storeBin,
  )} → ${placeNamed(
    pots.map(({ code }) => code),
    storeBin,
  )}`
  const line = { ...proportionalLine(lot.contents, 'moved', 0, note), components: [] }
  return inTransaction(db, async (tx) => {
    const restId =
      over > 0
        ? (
            await bookTransfer(tx, {
              fromLotId: lotId,
              to: {
                name: `${lot.name}, left over`,
                origin: lot.origin,
                storeBin: 'Store',
                containerIds: [],
              },
              lines: transferLines({
                contents: lot.contents,
                litres: over,
                doses: dosesIn(lot.contents.litres, facts.doses, facts.asOf),
                isNew: true,
                note: null,
              }),
              at,
              isAll: false,
              carried: lot.carried ?? unitedState([{ facts, litres: over }], site),
              heritage: lot.heritage,
              found: [],
              despite: null,
            })
          ).toLotId
        : null
    await placeWholeLot(tx, lotId, { containerIds, storeBin: storeBin.trim() || 'Store', line, at })
    return { before, restId }
  })
}
