import { areaAt } from '../../../core/containers'
import { potValue, type TrialMeasure } from '../../../core/trials'
import { daysBetween } from '../../../core/units'
import type { Trial, TrialTreatment } from '../../../data/trials'
import type { TreatmentOutcome } from '../../../messages/trials/resultViews'
import type { OpenDatabase } from '../../database'
import type { Tables } from '../../lots'
import type { PotOfTrial, TrialCourse } from '../look/courseOf'
import { seedsOf } from '../look/lookRules'
import { mediumName } from '../plan/media'
import { settledLitres } from '../plan/trialLitres'
import { growsFruit } from '../plan/trialQuestion'
import { ledgerCost } from './ledgerCost'

const CM2_PER_M2 = 10_000

/** What each treatment came to by a day: pots, money, harvest, water, weeds, and how far its mix sank. */
export async function outcomesOf(
  db: OpenDatabase,
  tables: Tables,
  trial: Trial,
  course: TrialCourse,
  on: string,
): Promise<TreatmentOutcome[]> {
  const outcomes: TreatmentOutcome[] = []
  const isFruit = growsFruit(trial, tables.crops)
  for (const treatment of trial.treatments) {
    const pots = course.pots.filter((pot) => pot.treatment === treatment.number)
    const used = pots.filter(({ excludedFrom }) => excludedFrom === null || excludedFrom > on)
    const { name: medium, address } = await mediumName(db, tables, treatment.medium)
    const added = treatment.added && (await mediumName(db, tables, treatment.added)).name
    const size = sizeOf(tables, trial, treatment, pots)
    const mean = (measure: TrialMeasure) => meanAt(used, measure, on, course.plantedOn)
    const weeds = seedsOf(trial) === 0 ? mean('emerged') : null
    outcomes.push({
      id: treatment.id,
      number: treatment.number,
      name: treatment.name,
      addedName: added,
      medium,
      mediumAddress: address,
      dose: treatment.dose,
      lotId: treatment.lotId,
      planted: pots.length,
      used: used.length,
      died: used.filter(({ diedOn }) => diedOn != null && diedOn <= on).length,
      litres: settledLitres(size),
      ...(await costOf(db, treatment.lotId)),
      // What a tomato grew in shoots is no harvest of it.
      yieldG: mean('picked') ?? (isFruit ? null : mean('harvest')),
      waterLitres: mean('water'),
      firstHarvestDays: firstHarvest(used, on, course.plantedOn),
      sunkCm: mean('sunk'),
      weedsPerM2:
        weeds === null
          ? null
          : (CM2_PER_M2 * weeds) /
            areaAt({ shape: size.shape, zCm: size.shape.heightCm - size.headspaceCm }),
    })
  }
  return outcomes
}

/** Of the pots that stand there, or as they were planned. */
function sizeOf(
  tables: Tables,
  trial: Trial,
  treatment: TrialTreatment,
  pots: readonly PotOfTrial[],
): Pick<Trial['potSize'], 'shape' | 'headspaceCm'> {
  const container = tables.containersById.get(pots[0]?.containerId ?? 0)
  return container ?? treatment.potSize ?? trial.potSize
}

function meanAt(
  pots: readonly PotOfTrial[],
  measure: TrialMeasure,
  on: string,
  since: string,
): number | null {
  const values = pots.flatMap((pot) => potValue(pot, { measure, on, since }) ?? [])
  return values.length === 0 ? null : values.reduce((sum, one) => sum + one, 0) / values.length
}

/** Mean days to the first fruit or leaf that was picked, of the pots that gave one. */
function firstHarvest(pots: readonly PotOfTrial[], on: string, since: string): number | null {
  const days = pots.flatMap(({ records }) => {
    const picked = records.filter(
      ({ measure, value, on: day }) =>
        (measure === 'picked' || measure === 'fruits-picked') && value > 0 && day <= on,
    )
    const first = picked.map((one) => one.on).sort()[0]
    return first ? [daysBetween(since, first)] : []
  })
  return days.length === 0 ? null : days.reduce((sum, one) => sum + one, 0) / days.length
}

async function costOf(
  db: OpenDatabase,
  lotId: number | null,
): Promise<Pick<TreatmentOutcome, 'costPerLitre' | 'isCostPartial'>> {
  if (lotId === null) return { costPerLitre: null, isCostPartial: false }
  const { perLitre, unknownLitres } = await ledgerCost(db, lotId)
  return {
    costPerLitre: perLitre > 0 ? perLitre : null,
    isCostPartial: perLitre > 0 && unknownLitres > 0,
  }
}
