import { contentsOf, type LedgerLine, proportionalLine, transferLines } from '../../core/media'
import { doubtfulPair, litresAtLevel, mixDropCm, unitedHeritage } from '../../core/recondition'
import { NotFound } from '../../data/errors'
import { groupBy } from '../../data/groupBy'
import { inTransaction } from '../../data/inTransaction'
import { addFindings, bookHeap, type HeapSource, type LedgerEntry } from '../../data/media'
import { intakesOfPots, readOpenOrders } from '../../data/recondition'
import { readSite } from '../../data/site'
import type { HeapAnswer, NewHeap } from '../../messages/recondition/batches'
import type { OpenDatabase } from '../database'
import {
  doseEvents,
  dosesIn,
  isNeverPlanted,
  keptFinding,
  type LotFacts,
  mixHistory,
  problemsThatStay,
  readManyLotFacts,
  refuseHeld,
  type Tables,
  unitedState,
} from '../lots'
import { Refused } from '../problem'
import { readTables } from '../tables'
import { refuseStanding } from './newTransfer'

/** Differences in litres below this are noise of the tape measure. */
const SAME_LITRES = 0.05

/**
 * Tips lots together into a heap, a lot of its own in the store: litres as they were found, histories and what was found of
 * all of them; their pots are empty then. All of it or nothing.
 * @throws Refused where one rests or is kept apart, plants still stand in one, or two may not come together
 */
export async function newHeap(
  db: OpenDatabase,
  { lots, name, despite }: NewHeap,
  at: Date,
): Promise<HeapAnswer> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  return inTransaction(db, async (tx) => {
    const asWritten = await readManyLotFacts(tx, tables, lots)
    const missing = lots.find((id) => asWritten.every(({ lot }) => lot.id !== id))
    if (missing !== undefined) throw new NotFound(`There is no lot ${missing}.`)
    for (const facts of asWritten) refuseHeld(facts, 'lots')
    refuseDoubtful(asWritten, despite)
    await refuseOpenOrders(tx, asWritten)
    await refuseStanding(tx, { containers: asWritten.flatMap(({ containers }) => containers) })
    const counted = await countedAsFound(tx, asWritten)
    const all = asWritten.map((facts) => withLine(facts, counted.get(facts.lot.id), tables, at))
    const [first, ...others] = all
    if (!first) throw new Error('A heap was asked for without lots.')
    const sources = all.map(
      (facts): HeapSource => sourceOf(facts, counted.get(facts.lot.id), tables, facts === first),
    )
    const parts = all.map((facts) => ({ facts, litres: facts.lot.contents.litres }))
    const isPlain = isNeverPlanted(first.lot) && first.measuredWater.airFraction === undefined
    const histories = []
    for (const { facts, litres } of parts) {
      histories.push({ ...(await mixHistory(tx, facts, tables)), litres })
    }
    const lotId = await bookHeap(tx, {
      name,
      origin: isNeverPlanted(first.lot) ? first.lot.origin : 'reconditioned',
      storeBin: HEAP_BIN,
      sources,
      at,
      despite: despite.trim() || null,
      first: {
        carried: isPlain ? first.lot.carried : unitedState(parts.slice(0, 1), site),
        heritage: first.lot.heritage,
      },
      whole: {
        carried: unitedState(parts, site),
        heritage: unitedHeritage(histories, tables.today),
      },
    })
    if (others.length > 0) {
      const after = new Date(at.getTime() + 1)
      // What was found of conditions goes with the heap: mixing alone does not wet or wash it.
      const conditions = all.flatMap((facts) => conditionsOf(facts, tables))
      const kept = [...new Map(conditions.map((one) => [one.problemId, one])).values()]
      await addFindings(
        tx,
        lotId,
        kept.map((one) => ({ ...one, at: after })),
      )
    }
    return {
      lotId,
      litres: parts.reduce((sum, { litres }) => sum + litres, 0),
      potIds: asWritten.flatMap(({ lot }) => lot.containerIds),
    }
  })
}

/** All of a lot, with what goes on to be known of it. */
function sourceOf(
  facts: LotFacts,
  counted: LedgerLine | undefined,
  tables: Tables,
  isFirst: boolean,
): HeapSource {
  const { contents, id } = facts.lot
  const ofTests = () => facts.found.filter(({ origin }) => origin.kind === 'test').map(keptFinding)
  return {
    lotId: id,
    counted: counted ?? null,
    lines: transferLines({
      contents,
      litres: null,
      doses: dosesIn(contents.litres, facts.doses, facts.asOf),
      isNew: isFirst,
      note: null,
    }),
    found: isFirst ? ofTests() : problemsThatStay(facts, tables),
  }
}

/** A lot as it is with a line that is about to be written. */
function withLine(
  facts: LotFacts,
  line: LedgerLine | undefined,
  tables: Tables,
  at: Date,
): LotFacts {
  if (!line) return facts
  const { lot } = facts
  const entry: LedgerEntry = {
    ...line,
    id: Number.MAX_SAFE_INTEGER,
    lotId: lot.id,
    at,
    workOrderId: null,
    otherLotId: null,
    reversesId: null,
    transferId: null,
    cost: null,
    before: null,
  }
  const counted = {
    ...lot,
    ledger: [...lot.ledger, entry],
    contents: contentsOf([{ components: lot.contents.components }, line]),
  }
  return { ...facts, lot: counted, doses: doseEvents(counted, tables) }
}

async function refuseOpenOrders(db: OpenDatabase, all: readonly LotFacts[]): Promise<void> {
  const open = await readOpenOrders(
    db,
    all.map(({ lot }) => lot.id),
  )
  const held = all.find(({ lot }) => open.has(lot.id))
  if (!held) return
  const message = `A work order is open on ${held.lot.name}: finish it or put it away first.`
  throw new Refused(409, 'order-open', message)
}

const HEAP_BIN = 'Heap'

function refuseDoubtful(all: readonly LotFacts[], despite: string): void {
  const pair = doubtfulPair(
    all.map(({ lot, triage }) => ({ id: lot.id, litres: lot.contents.litres, triage })),
  )
  if (!pair || despite.trim() !== '') return
  const nameOf = (id: number) => all.find(({ lot }) => lot.id === id)?.lot.name ?? ''
  const message = `What was found speaks against putting ${nameOf(pair[0].id)} and ${nameOf(pair[1].id)} together: keep them apart, or say why all the same.`
  throw new Refused(422, 'doubtful', message, [{ field: 'despite', message }])
}

function conditionsOf({ found }: LotFacts, { problems }: Tables) {
  return found
    .filter(
      ({ problemId, state }) =>
        state === 'trouble' && problemId !== null && problems.get(problemId)?.kind === 'condition',
    )
    .map((one) => ({ ...keptFinding(one), kind: 'problem' as const }))
}

/** What puts the ledger right, so that it says what really stood there, of each lot that somebody looked at. */
async function countedAsFound(
  db: OpenDatabase,
  all: readonly LotFacts[],
): Promise<ReadonlyMap<number, LedgerLine>> {
  const intakes = groupBy(
    await intakesOfPots(
      db,
      all.flatMap(({ lot }) => lot.containerIds),
    ),
    ({ lotId }) => lotId,
  )
  const lines = new Map<number, LedgerLine>()
  for (const { lot, containers } of all) {
    const since = lot.mixedAt?.getTime() ?? 0
    const looks = new Map(
      (intakes.get(lot.id) ?? [])
        .filter(({ at }) => at.getTime() > since)
        .map((one) => {
          const { containerId, levelDropCm } = one
          return [containerId, levelDropCm === null ? null : mixDropCm(levelDropCm, one)] as const
        }),
    )
    const isLooked = containers.length > 0 && containers.every(({ id }) => looks.get(id) != null)
    if (!isLooked) continue
    const there = containers.reduce(
      (sum, { id, shape, headspaceCm }) =>
        sum + litresAtLevel(shape, headspaceCm, looks.get(id) ?? 0),
      0,
    )
    const difference = there - lot.contents.litres
    if (!(there > 0) || Math.abs(difference) <= SAME_LITRES) continue
    const kind = difference < 0 ? 'settled' : 'recounted'
    lines.set(lot.id, proportionalLine(lot.contents, kind, difference))
  }
  return lines
}
