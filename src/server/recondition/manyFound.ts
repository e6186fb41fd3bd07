import { requireContainers } from '../../data/containers'
import { addIntakes } from '../../data/recondition'
import { plantingsIn } from '../../data/season'
import { readSite } from '../../data/site'
import type { ManyFound, ManyFoundAnswer } from '../../messages/recondition/manyFound'
import type { OpenDatabase } from '../database'
import { newFound, readCardFacts } from '../lots'
import { Refused } from '../problem'
import { readTables } from '../tables'

/**
 * Keeps what was found in many pots: how far each sank, its roots and what was seen, all of it or nothing. What is found
 * in one pot counts for the whole lot it belongs to, once.
 * @throws Refused at the pot for one that holds no mix or a problem that is not in the list
 */
export async function manyFound(
  db: OpenDatabase,
  { pots }: ManyFound,
  at: Date,
): Promise<ManyFoundAnswer> {
  const containers = await requireContainers(
    db,
    pots.map(({ potId }) => potId),
  )
  const byId = new Map(containers.map((one) => [one.id, one]))
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const rows = pots.map((pot, index) => {
    const container = byId.get(pot.potId)
    const lotId = container?.lotId ?? null
    if (!container || lotId === null) {
      refuseAt(
        `pots.${index}`,
        `There is no mix in ${container?.code ?? 'that pot'}: fill it first.`,
      )
    }
    const unknown = pot.problems.find((problemId) => !tables.problems.has(problemId))
    if (unknown) refuseAt(`pots.${index}.problems`, 'Choose what you saw from the list')
    return { ...pot, lotId }
  })
  const lotIds = [...new Set(rows.map(({ lotId }) => lotId))]
  const lastCrop = await lastCropsIn(
    db,
    rows.map(({ potId }) => potId),
  )
  await db.transaction(async (tx) => {
    await addIntakes(
      tx,
      rows.map(({ lotId, potId, drop, roots, side, note }) => ({
        lotId,
        containerId: potId,
        at,
        levelDropCm: drop,
        rootMass: roots,
        runsDownSide: side === 'yes',
        note: note.trim() || null,
      })),
    )
    const told = new Set<string>()
    for (const { lotId, potId, problems, side, note } of rows) {
      const ofCrop = lastCrop.get(potId) ?? null
      const seen = side === 'yes' ? [...problems, WATER_REPELLENT] : problems
      for (const problemId of seen) {
        const once = `${lotId} ${problemId}`
        if (told.has(once) || !tables.problems.has(problemId)) continue
        told.add(once)
        await newFound(tx, lotId, { problemId, note }, at, ofCrop)
      }
    }
  })
  const facts = await readCardFacts(db, tables, lotIds)
  return {
    lots: facts.map(({ lot, triage }) => ({
      id: lot.id,
      name: lot.name,
      verdict: triage?.verdict ?? 'reuse',
    })),
  }
}

/** Water that runs down the side is a finding of its own. */
const WATER_REPELLENT = 'water-repellent'

/** What grew last in each of these pots. */
export async function lastCropsIn(
  db: OpenDatabase,
  potIds: readonly number[],
): Promise<ReadonlyMap<number, string>> {
  // Newest first: the first of a pot is its last.
  const all = await plantingsIn(db, potIds)
  return new Map([...all].reverse().map(({ containerId, cropId }) => [containerId, cropId]))
}

function refuseAt(field: string, message: string): never {
  throw new Refused(422, 'not-valid', message, [{ field, message }])
}
