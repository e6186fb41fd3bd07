import type { LedgerLine } from '../../../core/media'
import { proportionalLine } from '../../../core/media'
import { requireContainers, type StoredContainer } from '../../../data/containers'
import { groupBy } from '../../../data/groupBy'
import { appendLines, createLot, readLotCards } from '../../../data/media'
import { openPlantings } from '../../../data/season'
import { readSite } from '../../../data/site'
import {
  changeTrial,
  changeTrialPots,
  readTrial,
  requireUnplanted,
  setTreatmentLot,
  type Trial,
  type TrialTreatment,
} from '../../../data/trials'
import type { PlantTrialBody } from '../../../messages/trials/trialSteps'
import { dayAt } from '../../clock'
import { newPlantings } from '../../containers'
import type { OpenDatabase } from '../../database'
import { readLotFacts, refuseHeld, type Tables } from '../../lots'
import { newTransfer, topUp } from '../../media'
import { refuseField } from '../../problem'
import { readTables } from '../../tables'
import { blended, type KnownMedium, knownMedium } from './media'
import { addMissing } from './setPots'
import { looseLitres, treatmentSinks } from './trialLitres'

const PERCENT = 100
const LONGEST_NAME = 80
const LETTERS = 'ABCDEFGHIJKL'

/**
 * Fills the pots of a trial, each with its treatment's mix, and plants or sows them: containers, lots, their ledgers and
 * plantings are the garden's own. A jar test becomes one of the bench. All of it or nothing.
 * @throws Refused where a lot is held or too small, something grows in a pot, or the crop is barred; StaleWrite, Conflict
 */
export async function plantTrial(
  db: OpenDatabase,
  id: number,
  { version, on, despite }: PlantTrialBody,
  at: Date,
): Promise<null> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const trial = await readTrial(db, id)
  requireUnplanted(trial)
  if (on > dayAt(site.timeZone, at)) {
    refuseField('on', 'That day has not come yet: say it when it is planted.')
  }
  await changeTrial(db, id, version, { plantedOn: on })
  const containerOf = await addMissing(db, trial)
  const pots = await requireFree(db, trial, containerOf)
  for (const treatment of trial.treatments) {
    const mine = trial.potList.flatMap((pot) => {
      const container = pot.treatmentId === treatment.id ? pots.get(pot.id) : undefined
      return container ? [container] : []
    })
    await fillTreatment(db, { trial, treatment, pots: mine, tables, despite, at })
  }
  if (trial.perPot > 0) {
    for (const [cropId, same] of groupBy(trial.potList, (pot) => pot.cropId ?? trial.cropId)) {
      if (cropId === null) continue
      const { ids } = await newPlantings(
        db,
        {
          pots: same.map((pot) => containerOf.get(pot.id) as number),
          cropId,
          cultivar: '',
          how: trial.how,
          count: trial.perPot,
          on,
          despite,
        },
        at,
      )
      await changeTrialPots(
        db,
        same.map((pot, index) => ({ id: pot.id, plantingId: ids[index] as number })),
      )
    }
  }
  return null
}

/**
 * Its containers by the trial's pots.
 * @throws Refused where something grows in one by now, or it holds another mix
 */
async function requireFree(
  db: OpenDatabase,
  trial: Trial,
  containerOf: ReadonlyMap<number, number>,
): Promise<ReadonlyMap<number, StoredContainer>> {
  const containers = await requireContainers(db, [...containerOf.values()])
  const byId = new Map(containers.map((one) => [one.id, one]))
  const growing = new Set((await openPlantings(db)).map(({ containerId }) => containerId))
  const taken = containers.find(({ id }) => growing.has(id))
  if (taken) refuseField('on', `Something grows in ${taken.code} by now: end it there first.`)
  const treatments = new Map(trial.treatments.map((one) => [one.id, one]))
  for (const pot of trial.potList) {
    const container = byId.get(containerOf.get(pot.id) ?? 0)
    const treatment = treatments.get(pot.treatmentId)
    const own = treatment?.medium.kind === 'lot' && !treatment.added ? treatment.medium.lotId : null
    if (container && container.lotId !== null && container.lotId !== own) {
      refuseField('on', `Another mix stands in ${container.code} by now: empty it first.`)
    }
  }
  return new Map(
    [...containerOf].map(([pot, id]) => [pot, byId.get(id) as StoredContainer] as const),
  )
}

interface Filling {
  readonly trial: Trial
  readonly treatment: TrialTreatment
  readonly pots: readonly StoredContainer[]
  readonly tables: Tables
  readonly despite: string
  readonly at: Date
}

/** Pots that hold the treatment's own lot stay as they are; the others get a lot of their own. */
async function fillTreatment(db: OpenDatabase, filling: Filling): Promise<void> {
  const { treatment, pots } = filling
  const empty = pots.filter(({ lotId }) => lotId === null)
  if (empty.length === 0) {
    if (treatment.medium.kind === 'lot')
      await setTreatmentLot(db, treatment.id, treatment.medium.lotId)
    return
  }
  const sinks = await treatmentSinks(db, filling.tables, treatment)
  const litres = empty.reduce((sum, pot) => sum + looseLitres(pot, sinks), 0)
  const lotId = await fill(db, { ...filling, pots: empty }, litres)
  await setTreatmentLot(db, treatment.id, lotId)
  const [lot] = await readLotCards(db, [lotId])
  if (!lot) return
  const sunk = -litres * sinks
  await appendLines(db, lotId, [proportionalLine(lot.contents, 'settled', sunk)], filling.at)
}

async function fill(db: OpenDatabase, filling: Filling, litres: number): Promise<number> {
  const { trial, treatment, pots, tables, at } = filling
  const share = treatment.added ? treatment.dose / PERCENT : 0
  const base = await knownMedium(db, tables, treatment.medium)
  const added = treatment.added ? await knownMedium(db, tables, treatment.added) : null
  const parts = [
    { medium: treatment.medium, known: base, litres: litres * (1 - share) },
    ...(treatment.added && added
      ? [{ medium: treatment.added, known: added, litres: litres * share }]
      : []),
  ].filter((part) => part.litres > 0)
  for (const part of parts) await requireEnough(db, filling, part)
  const name = lotName(trial, treatment)
  const containerIds = pots.map(({ id }) => id)
  if (parts.every(({ medium }) => medium.kind !== 'lot')) {
    const line = filledWith(blended(base.components, added?.components ?? [], share), litres)
    const note = parts.map((part) => part.known.name).join(', ')
    return createLot(db, {
      name,
      origin: line.components.length > 1 ? 'own recipe' : 'bag',
      storeBin: null,
      containerIds,
      lines: [{ ...line, note }],
      at,
    })
  }
  // A lot goes first: what is known of it goes along with its litres.
  const [first, second] = parts.sort(
    (a, b) => Number(b.medium.kind === 'lot') - Number(a.medium.kind === 'lot'),
  )
  if (first?.medium.kind !== 'lot') throw new Error('A lot comes first.')
  const note = trial.name
  const { toLotId } = await newTransfer(
    db,
    first.medium.lotId,
    {
      litres: first.litres,
      to: { kind: 'new', name, containerIds, storeBin: '' },
      note,
      despite: filling.despite,
    },
    at,
  )
  if (second?.medium.kind === 'lot') {
    await newTransfer(
      db,
      second.medium.lotId,
      {
        litres: second.litres,
        to: { kind: 'lot', lotId: toLotId },
        note,
        // That a doubtful lot comes into a sound one is what the trial asks: its name is the reason.
        despite: filling.despite || note,
      },
      at,
    )
  } else if (second) {
    const line = filledWith(second.known.components, second.litres)
    await topUp(db, toLotId, { ...line, kind: 'topped-up', note }, at)
  }
  return toLotId
}

/** @throws Refused where a lot rests or is kept apart, or has fewer litres than its pots take */
async function requireEnough(
  db: OpenDatabase,
  { tables, treatment }: Filling,
  part: {
    readonly medium: TrialTreatment['medium']
    readonly known: KnownMedium
    readonly litres: number
  },
): Promise<void> {
  if (part.known.components.length === 0) {
    refuseField('on', `Nothing is left of ${part.known.name}: change what the trial compares.`)
  }
  if (part.medium.kind !== 'lot') return
  refuseHeld(await readLotFacts(db, tables, part.medium.lotId), 'on')
  const there = part.known.there ?? 0
  if (part.litres <= there) return
  refuseField(
    'on',
    `${treatment.name} takes ${part.litres.toFixed(1)} L of ${part.known.name}, and ${there.toFixed(1)} L are left of it.`,
  )
}

function filledWith(components: KnownMedium['components'], litres: number): LedgerLine {
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  const byId = new Map<string, number>()
  for (const { material, parts } of components) {
    byId.set(material.id, (byId.get(material.id) ?? 0) + (litres * parts) / total)
  }
  return {
    kind: 'filled',
    litres,
    components: [...byId].map(([materialId, amount]) => ({ materialId, litres: amount })),
    doses: [],
    note: null,
  }
}

/** A trial that is scored blind does not tell by the name of a lot which one it is. */
function lotName(trial: Trial, { number, name }: TrialTreatment): string {
  const count = trial.treatments.length
  const letter = LETTERS[(number + trial.seed) % count] ?? 'A'
  const tail = trial.isBlind ? `mix ${letter}` : name
  return `${trial.name.slice(0, LONGEST_NAME - tail.length - 2)}: ${tail}`
}
