import { transferLines } from '../../core/media'
import { mayMix, unitedHeritage } from '../../core/recondition'
import { requireContainers } from '../../data/containers'
import { bookTransfer, type NewTransfer } from '../../data/media'
import { readOpenOrder } from '../../data/recondition'
import { openPlantings } from '../../data/season'
import { readSite, type Site } from '../../data/site'
import type { TransferAnswer, TransferBody } from '../../messages/media/transfers'
import type { OpenDatabase } from '../database'
import {
  dosesIn,
  isNeverPlanted,
  keptFinding,
  type LotFacts,
  litresThatFit,
  mixHistory,
  problemsThatStay,
  readLotFacts,
  refuseLimeIn,
  refuseTooMuch,
  type Tables,
  unitedState,
} from '../lots'
import { Refused, refuseField } from '../problem'
import { readTables } from '../tables'

/** Less is left than anyone would sweep together, L. */
const NOTHING_LEFT_L = 0.001

/**
 * Litres of a lot to another one, or to a lot of their own: composition, feed and lime, families and problems go with them.
 * @throws Refused where a turnover is open on one of them, plants still stand in what would be used up, more would go in
 *   than there is room, or something found speaks against putting them together
 */
export async function newTransfer(
  db: OpenDatabase,
  fromLotId: number,
  body: TransferBody,
  at: Date,
): Promise<TransferAnswer> {
  const { litres, to, note, despite } = body
  if (to.kind === 'lot' && to.lotId === fromLotId) {
    refuseField('to.lotId', 'A lot cannot be put into itself: choose another one.')
  }
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const from = await readLotFacts(db, tables, fromLotId)
  const target = to.kind === 'lot' ? await readLotFacts(db, tables, to.lotId) : null
  await refuseOpenOrder(db, from)
  const parted = await partedFrom(db, from, to)
  if (target) await refuseOpenOrder(db, target)
  const lines = transferLines({
    contents: from.lot.contents,
    litres: litres ?? (parted.length > 0 ? litresIn(parted, from) : null),
    doses: dosesIn(from.lot.contents.litres, from.doses, from.asOf),
    isNew: target === null,
    note: note.trim() || null,
  })
  const isAll = from.lot.contents.litres - lines.litres < NOTHING_LEFT_L
  if (isAll) await refuseStanding(db, from)
  const booked = {
    fromLotId,
    lines,
    at,
    isAll,
    partedIds: parted.map(({ id }) => id),
    despite: despite.trim() || null,
  }
  if (target) {
    if (!mayMix(from.triage, target.triage) && booked.despite === null) {
      const message = `What was found speaks against putting ${from.lot.name} and ${target.lot.name} together: keep them apart, or say why all the same.`
      throw new Refused(422, 'doubtful', message, [{ field: 'despite', message }])
    }
    if (booked.despite === null) {
      await refuseLimeIn(db, target, tables, {
        what: from.lot.name,
        components: from.components,
        unreactedLimeGPerL: from.unreactedLimeGPerL,
        ph: from.ph?.measuredOn ? from.ph.value : undefined,
      })
    }
    const pots = target.containers.map(({ shape }) => shape)
    requireRoom(pots, [...from.components], lines.litres, target.lot.contents.litres)
    return book(db, {
      ...booked,
      to: { lotId: target.lot.id },
      carried: unitedState(
        [
          { facts: target, litres: target.lot.contents.litres },
          { facts: from, litres: lines.litres },
        ],
        site,
      ),
      heritage: unitedHeritage(
        [
          { ...(await mixHistory(db, target, tables)), litres: target.lot.contents.litres },
          { ...(await mixHistory(db, from, tables)), litres: lines.litres },
        ],
        tables.today,
      ),
      found: [...problemsThatStay(from, tables), ...toldProblems(target, tables)],
    })
  }
  return book(db, { ...booked, ...(await ofItsOwn(db, from, body, lines.litres, site)) })
}

/**
 * Pots of the lot itself that its part goes on standing in: their mix is parted from that of the others.
 * @throws Refused where all of them are meant, or something grows in one
 */
async function partedFrom(
  db: OpenDatabase,
  from: LotFacts,
  to: TransferBody['to'],
): Promise<LotFacts['containers']> {
  if (to.kind !== 'new') return []
  const parted = from.containers.filter(({ id }) => to.containerIds.includes(id))
  if (parted.length === 0) return []
  if (parted.length === from.containers.length || parted.length < to.containerIds.length) {
    refuseField(
      'to.containerIds',
      `Choose some of the pots of ${from.lot.name}, not all, and no others: the rest stays that lot.`,
    )
  }
  await refuseStanding(db, { containers: parted })
  return parted
}

/** What stands in some of a lot's pots, if it stands in all of them evenly. */
function litresIn(pots: LotFacts['containers'], { containers, lot }: LotFacts): number {
  const room = (all: LotFacts['containers']) => all.reduce((sum, { litres }) => sum + litres, 0)
  return (lot.contents.litres * room(pots)) / room(containers)
}

async function book(db: OpenDatabase, transfer: NewTransfer): Promise<TransferAnswer> {
  const { id, toLotId } = await bookTransfer(db, transfer)
  return { id, toLotId, litres: transfer.lines.litres }
}

/** A lot made of the part: what is known of the mix is known of it. */
async function ofItsOwn(
  db: OpenDatabase,
  from: LotFacts,
  { to }: TransferBody,
  litres: number,
  site: Site,
): Promise<Pick<NewTransfer, 'to' | 'carried' | 'heritage' | 'found'>> {
  if (to.kind !== 'new') throw new Error('The part has a lot to go to.')
  const pots = await requireContainers(db, to.containerIds)
  const taken = pots.find(({ lotId }) => lotId !== null && lotId !== from.lot.id)
  if (taken) {
    refuseField(
      'to.containerIds',
      `${taken.code} holds a lot: choose that lot instead, or empty it first.`,
    )
  }
  const shapes = pots.map(({ shape }) => shape)
  requireRoom(shapes, [...from.components], litres, 0)
  const isPlain = isNeverPlanted(from.lot) && from.measuredWater.airFraction === undefined
  return {
    to: {
      name: to.name,
      origin: isNeverPlanted(from.lot) ? from.lot.origin : 'reconditioned',
      storeBin: pots.length > 0 ? null : to.storeBin.trim() || 'Store',
      containerIds: to.containerIds,
    },
    carried: isPlain ? from.lot.carried : unitedState([{ facts: from, litres }], site),
    heritage: from.lot.heritage,
    found: from.found.filter(({ origin }) => origin.kind === 'test').map(keptFinding),
  }
}

/** What tests told of a mix stays known when something else comes to it. */
function toldProblems(facts: LotFacts, tables: Tables): NewTransfer['found'] {
  const fromTests = facts.found.filter(({ origin }) => origin.kind === 'test')
  return problemsThatStay({ ...facts, found: fromTests }, tables)
}

function requireRoom(
  shapes: Parameters<typeof litresThatFit>[0],
  components: Parameters<typeof litresThatFit>[1],
  litres: number,
  there: number,
): void {
  if (shapes.length === 0 || components.length === 0) return
  const fits = Math.max(0, litresThatFit(shapes, components) - there)
  if (litres <= fits) return
  refuseTooMuch('litres', litres, fits, 'Take so much; the rest stays where it is.')
}

async function refuseOpenOrder(db: OpenDatabase, { lot }: LotFacts): Promise<void> {
  if ((await readOpenOrder(db, lot.id)) === null) return
  const message = `A work order is open on ${lot.name}: finish it or put it away first.`
  throw new Refused(409, 'order-open', message)
}

/** Plants do not stand in nothing. */
export async function refuseStanding(
  db: OpenDatabase,
  { containers }: Pick<LotFacts, 'containers'>,
): Promise<void> {
  const open = await openPlantings(db)
  const standing = containers.filter(({ id }) => open.some(({ containerId }) => containerId === id))
  if (standing.length === 0) return
  const codes = standing.map(({ code }) => code).join(', ')
  const message = `Something still grows in ${codes}: say that its season is over first, or leave some of the mix.`
  throw new Refused(409, 'still-growing', message)
}
