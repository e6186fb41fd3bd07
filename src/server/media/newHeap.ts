import { proportionalLine } from '../../core/media'
import { doubtfulPair, litresAtLevel, mixDropCm } from '../../core/recondition'
import { addFindings, appendLines } from '../../data/media'
import { intakesOfPots } from '../../data/recondition'
import { readSite } from '../../data/site'
import type { HeapAnswer, NewHeap } from '../../messages/recondition/batches'
import type { OpenDatabase } from '../database'
import { keptFinding, type LotFacts, readLotFacts, refuseHeld, type Tables } from '../lots'
import { Refused } from '../problem'
import { readTables } from '../tables'
import { newTransfer } from './newTransfer'

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
  return db.transaction(async (tx) => {
    const all: LotFacts[] = []
    for (const lotId of lots) all.push(await readLotFacts(tx, tables, lotId))
    for (const facts of all) refuseHeld(facts, 'lots')
    refuseDoubtful(all, despite)
    const potIds = all.flatMap(({ lot }) => lot.containerIds)
    // What was found of conditions goes with the heap: mixing alone does not wet or wash it.
    const conditions = all.flatMap((facts) => conditionsOf(facts, tables))
    for (const facts of all) await settleAsFound(tx, facts, at)
    const [first, ...others] = all
    if (!first) throw new Error('A heap was asked for without lots.')
    const { toLotId, litres } = await newTransfer(
      tx,
      first.lot.id,
      {
        litres: null,
        to: { kind: 'new', name, containerIds: [], storeBin: HEAP_BIN },
        note: '',
        despite: '',
      },
      at,
    )
    let heapLitres = litres
    for (const { lot } of others) {
      const to = { kind: 'lot', lotId: toLotId } as const
      const moved = await newTransfer(tx, lot.id, { litres: null, to, note: '', despite }, at)
      heapLitres += moved.litres
    }
    if (others.length > 0) {
      const after = new Date(at.getTime() + 1)
      const kept = [...new Map(conditions.map((one) => [one.problemId, one])).values()]
      await addFindings(
        tx,
        toLotId,
        kept.map((one) => ({ ...one, at: after })),
      )
    }
    return { lotId: toLotId, litres: heapLitres, potIds }
  })
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

/** The ledger says what really stood there, where somebody looked. */
async function settleAsFound(
  db: OpenDatabase,
  { lot, containers }: LotFacts,
  at: Date,
): Promise<void> {
  const since = lot.mixedAt?.getTime() ?? 0
  const looks = new Map(
    (await intakesOfPots(db, lot.containerIds))
      .filter((one) => one.lotId === lot.id && one.at.getTime() > since)
      .map((one) => {
        const { containerId, levelDropCm } = one
        return [containerId, levelDropCm === null ? null : mixDropCm(levelDropCm, one)] as const
      }),
  )
  const isLooked = containers.length > 0 && containers.every(({ id }) => looks.get(id) != null)
  if (!isLooked) return
  const there = containers.reduce(
    (sum, { id, shape, headspaceCm }) =>
      sum + litresAtLevel(shape, headspaceCm, looks.get(id) ?? 0),
    0,
  )
  const difference = there - lot.contents.litres
  if (!(there > 0) || Math.abs(difference) <= SAME_LITRES) return
  const kind = difference < 0 ? 'settled' : 'recounted'
  await appendLines(db, lot.id, [proportionalLine(lot.contents, kind, difference)], at)
}
