import { blendEc, type Crop } from '../../../core/chemistry'
import { blendMedia, containerCapacity } from '../../../core/media'
import { NotFound } from '../../../data/errors'
import type { Trial, TrialTreatment } from '../../../data/trials'
import type { CandidateRemark } from '../../../messages/trials/trialViews'
import type { OpenDatabase } from '../../database'
import { readLotFacts, type Tables } from '../../lots'
import { blended, knownMedium } from './media'
import { looseLitres, treatmentSinks } from './trialLitres'

const PERCENT = 100
/** Estimated air so near the band is no fault, share of the volume. */
const AIR_ROOM = 0.02

/**
 * What speaks against a treatment for the crops of a trial before anything is filled: salts above what they bear, air
 * outside what they want in these pots, more litres of a lot than there are. What kills a control tells nothing of a mix.
 */
export async function candidateChecks(
  db: OpenDatabase,
  tables: Tables,
  trial: Trial,
): Promise<CandidateRemark[]> {
  if (trial.plantedOn !== null) return []
  const cropIds = new Set([trial.cropId, ...trial.potList.map(({ cropId }) => cropId)])
  const crops = [...cropIds].flatMap((id) => (id === null ? [] : (tables.crops.get(id) ?? [])))
  const remarks: CandidateRemark[] = []
  const taken = new Map<number, { name: string; there: number; litres: number; of: string[] }>()
  for (const treatment of trial.treatments) {
    try {
      remarks.push(...(await remarksOf(db, tables, trial, treatment, crops)))
      await take(db, tables, trial, treatment, taken)
    } catch (error) {
      // Put away since: planting it tells that, the plan can still be read.
      if (!(error instanceof NotFound)) throw error
    }
  }
  for (const { name, there, litres, of } of taken.values()) {
    if (litres > there + 0.05) {
      remarks.push({
        what: 'litres',
        treatment: of.join(', '),
        of: name,
        value: litres,
        limit: there,
      })
    }
  }
  return remarks
}

async function remarksOf(
  db: OpenDatabase,
  tables: Tables,
  trial: Trial,
  treatment: TrialTreatment,
  crops: readonly Crop[],
): Promise<CandidateRemark[]> {
  const share = treatment.added ? treatment.dose / PERCENT : 0
  const base = await knownMedium(db, tables, treatment.medium)
  const added = treatment.added ? await knownMedium(db, tables, treatment.added) : null
  const components = blended(base.components, added?.components ?? [], share)
  if (components.length === 0) return []
  const blend = blendMedia({ components })
  const { shape, headspaceCm } = treatment.potSize ?? trial.potSize
  const fillHeightCm = shape.heightCm - headspaceCm
  const { airFraction } = containerCapacity({ curve: blend.curve, shape, fillHeightCm })
  const read =
    treatment.medium.kind === 'lot'
      ? (await readLotFacts(db, tables, treatment.medium.lotId)).ecSme
      : null
  const expected = blendEc({ components, volumeYield: blend.volumeYield }).ecSme
  // What a pen read of the lot goes before its recipe, for its share.
  const ofAdded = added ? blendEc({ components: added.components }).ecSme : 0
  const ecSme = read?.measuredOn ? read.value * (1 - share) + ofAdded * share : expected
  return crops.flatMap((crop): CandidateRemark[] => {
    const about = { treatment: treatment.name, cropName: crop.name }
    const [low, high] = [crop.airMinPercent / PERCENT, crop.airMaxPercent / PERCENT]
    return [
      ...(ecSme > crop.ecMaxSme
        ? [{ what: 'salts' as const, ...about, value: ecSme, limit: crop.ecMaxSme }]
        : []),
      ...(airFraction < low - AIR_ROOM
        ? [{ what: 'air-low' as const, ...about, value: airFraction, limit: low }]
        : []),
      ...(airFraction > high + AIR_ROOM
        ? [{ what: 'air-high' as const, ...about, value: airFraction, limit: high }]
        : []),
    ]
  })
}

/** Litres of lots that its empty pots take. */
async function take(
  db: OpenDatabase,
  tables: Tables,
  trial: Trial,
  treatment: TrialTreatment,
  taken: Map<number, { name: string; there: number; litres: number; of: string[] }>,
): Promise<void> {
  const share = treatment.added ? treatment.dose / PERCENT : 0
  const sinks = await treatmentSinks(db, tables, treatment)
  const litres = trial.potList.reduce((sum, { treatmentId, containerId }) => {
    if (treatmentId !== treatment.id) return sum
    const container = containerId === null ? undefined : tables.containersById.get(containerId)
    if (container?.lotId != null) return sum
    return sum + looseLitres(container ?? treatment.potSize ?? trial.potSize, sinks)
  }, 0)
  for (const [medium, part] of [
    [treatment.medium, litres * (1 - share)],
    [treatment.added, litres * share],
  ] as const) {
    if (medium?.kind !== 'lot' || part <= 0) continue
    const known = await knownMedium(db, tables, medium)
    const before = taken.get(medium.lotId) ?? {
      name: known.name,
      there: known.there ?? 0,
      litres: 0,
      of: [],
    }
    taken.set(medium.lotId, {
      ...before,
      litres: before.litres + part,
      of: [...before.of, treatment.name],
    })
  }
}
