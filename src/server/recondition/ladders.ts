import type { StoredContainer } from '../../data/containers'
import { Conflict, NotFound } from '../../data/errors'
import { intakesOfPots, lastHabits, type PotIntake } from '../../data/recondition'
import { troubleInLots } from '../../data/season'
import { readSite } from '../../data/site'
import type { IntakeAnswers } from '../../messages/recondition/answers'
import type { LaddersQuery, LaddersView } from '../../messages/recondition/plan'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { type LotFacts, readManyLotFacts, type Tables } from '../lots'
import { numbersIn } from '../numbersIn'
import { Refused } from '../problem'
import { readTables } from '../tables'
import { askedInput, askedWith, worstTrouble } from './buildRecipe'
import { expectedDrop, lookedAt, toldBy } from './intakePage'
import { ladderInput } from './ladderPage'
import { stockOf } from './stockOf'

/**
 * What the ladder is asked for many lots, each in its own pots and for one next crop. The answers are those its form
 * begins with: what was looked at, what its tests told, what its ledger lets expect.
 */
export async function laddersOf(
  db: OpenDatabase,
  { lots, crop }: LaddersQuery,
  at: Date,
): Promise<LaddersView> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  if (!tables.crops.has(crop)) throw new NotFound('That crop is not in the list.')
  const stock = await stockOf(db)
  const all = await readManyLotFacts(db, tables, numbersIn(lots))
  const lotIds = all.map(({ lot }) => lot.id)
  const troubles = await troubleInLots(db, lotIds, (at) => dayAt(site.timeZone, at))
  const habits = await lastHabits(db, lotIds)
  const looks = await intakesOfPots(
    db,
    all.flatMap(({ lot }) => lot.containerIds),
  )
  const planned: LaddersView['lots'][number][] = []
  const left: LaddersView['left'][number][] = []
  let shared = stock
  for (const facts of all) {
    const { id } = facts.lot
    try {
      const answers = usualAnswers(facts, looks, tables, crop, habits.get(id) ?? null)
      const trouble = worstTrouble(troubles.get(id) ?? [], answers.pots)
      const pots = potsOf(facts, tables)
      const asked = askedInput(
        askedWith({ facts, tables, site }, answers, pots, trouble),
        answers,
        stock,
        at,
      )
      // What is ruled out for one is ruled out for all: they share one store.
      const { stock: offered, ...input } = ladderInput(asked)
      shared = offered
      planned.push({ id, answers, airMin: asked.crop.airMinPercent / 100, input })
    } catch (error) {
      const isOfTheLot =
        error instanceof Conflict || error instanceof NotFound || error instanceof Refused
      if (!isOfTheLot) throw error
      left.push({ id, why: error.message })
    }
  }
  return { stock: shared, lots: planned, left }
}

function potsOf({ lot }: LotFacts, { containersById }: Tables): StoredContainer[] {
  return lot.containerIds.flatMap((id) => containersById.get(id) ?? [])
}

/** As its own form begins. */
function usualAnswers(
  facts: LotFacts,
  looks: readonly PotIntake[],
  { schools, timeZone }: Tables,
  crop: string,
  every: number | null,
): IntakeAnswers {
  const { lot } = facts
  const looked = lookedAt(
    facts,
    looks.filter(({ containerId }) => lot.containerIds.includes(containerId)),
    timeZone,
  )
  return {
    lot: lot.id,
    drop: Math.round(10 * (looked?.dropCm ?? expectedDrop(facts) ?? 0)) / 10,
    roots: looked?.roots ?? 'fine',
    side: toldBy(facts).side ?? looked?.side ?? 'no',
    crop,
    pots: lot.containerIds,
    litres: null,
    share: schools.compostShare,
    feed: schools.feed,
    every,
  }
}
