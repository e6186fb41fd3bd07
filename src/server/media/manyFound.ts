import { foundByLook, type PotLook } from '../../core/recondition'
import { requireContainers, type StoredContainer } from '../../data/containers'
import { inTransaction } from '../../data/inTransaction'
import { addTreatment } from '../../data/media'
import { addIntakes } from '../../data/recondition'
import { lastCropsIn } from '../../data/season'
import { readSite } from '../../data/site'
import type { ManyFound, ManyFoundAnswer } from '../../messages/recondition/manyFound'
import type { OpenDatabase } from '../database'
import { newFound, readCardFacts } from '../lots'
import { Refused } from '../problem'
import { readTables } from '../tables'
import { newTransfer } from './newTransfer'

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
  const lastCrop = await lastCropsIn(
    db,
    rows.map(({ potId }) => potId),
  )
  const lotIds = await inTransaction(db, async (tx) => {
    const kept = await partAsked(tx, rows, byId, at)
    await addIntakes(
      tx,
      kept.map(({ lotId, potId, drop, roots, side, note, look }) => ({
        lotId,
        containerId: potId,
        at,
        levelDropCm: drop,
        rootMass: roots,
        runsDownSide: side === 'yes',
        ...look,
        note: note.trim() || null,
      })),
    )
    const kinds = new Set<string>()
    for (const { lotId, potId, problems, side, note, look } of kept) {
      const ofCrop = lastCrop.get(potId) ?? null
      for (const problemId of new Set([...problems, ...foundByLook(look, side === 'yes')])) {
        const once = `${lotId} ${problemId}`
        if (kinds.has(once) || !tables.problems.has(problemId)) continue
        kinds.add(once)
        await newFound(tx, lotId, { problemId, note }, at, ofCrop)
      }
      if (look.debris === 'left' || kinds.has(`${lotId} debris`)) continue
      kinds.add(`${lotId} debris`)
      await addTreatment(tx, lotId, {
        at,
        kind: 'debris',
        until: null,
        skimCm: null,
        note: DEBRIS_WENT[look.debris],
        problemIds: [],
      })
    }
    return [...new Set(kept.map(({ lotId }) => lotId))]
  })
  const facts = await readCardFacts(db, await readTables(db, site.timeZone), lotIds)
  return {
    lots: facts.map(({ lot, triage }) => ({
      id: lot.id,
      name: lot.name,
      verdict: triage?.verdict ?? 'reuse',
    })),
  }
}

const DEBRIS_WENT: Readonly<Record<Exclude<PotLook['debris'], 'left'>, string>> = {
  compost: 'Debris went to the compost.',
  bin: 'Debris went into the bin.',
}

type Row = ManyFound['pots'][number] & { readonly lotId: number }

/** The mix of a pot becomes a lot of its own where that is asked for: what is found in it is found in nothing else. */
async function partAsked(
  db: OpenDatabase,
  rows: readonly Row[],
  byId: ReadonlyMap<number, StoredContainer>,
  at: Date,
): Promise<Row[]> {
  const kept: Row[] = []
  for (const row of rows) {
    const pot = byId.get(row.potId)
    if (!row.part || !pot) kept.push(row)
    else {
      const name = `${pot.code} ${pot.name}`.slice(0, 80)
      const to = { kind: 'new', name, containerIds: [pot.id], storeBin: '' } as const
      const { toLotId } = await newTransfer(
        db,
        row.lotId,
        { litres: null, to, note: '', despite: '' },
        at,
      )
      kept.push({ ...row, lotId: toLotId })
    }
  }
  return kept
}

function refuseAt(field: string, message: string): never {
  throw new Refused(422, 'not-valid', message, [{ field, message }])
}
