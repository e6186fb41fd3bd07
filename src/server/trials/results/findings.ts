import { Conflict, NotFound } from '../../../data/errors'
import { addFinding, listFindings, readTrial, type TrialFinding } from '../../../data/trials'
import type { FindingBody } from '../../../messages/trials/looks'
import type { FindingView } from '../../../messages/trials/resultViews'
import { dayAt } from '../../clock'
import type { OpenDatabase } from '../../database'
import type { Tables } from '../../lots'
import { refuseField } from '../../problem'
import { mediumName } from '../plan/media'

/**
 * Hands on what a closed trial found: the mix of a treatment as the standard for a crop, or the most that may be used of
 * what a treatment had added.
 * @throws Refused, NotFound, Conflict where it goes on still or is void
 */
export async function handOn(
  db: OpenDatabase,
  id: number,
  { kind, treatmentId, cropId, maxPercent }: FindingBody,
  at: Date,
): Promise<{ readonly id: number }> {
  const trial = await readTrial(db, id)
  if (trial.closedAt === null) {
    throw new Conflict('This trial goes on still: close it before anything is handed on.')
  }
  if (trial.outcome?.isVoid) {
    throw new Conflict('This run is void: nothing of it can be handed on. Run it again.')
  }
  const treatment = trial.treatments.find((one) => one.id === treatmentId)
  if (!treatment) throw new NotFound(`There is no treatment ${treatmentId} in this trial.`)
  const crops = [trial.cropId, ...trial.potList.map((pot) => pot.cropId)]
  if (cropId !== null && !crops.includes(cropId)) {
    refuseField('cropId', 'That crop did not grow in this trial.')
  }
  if (kind === 'cap' && !treatment.added) {
    refuseField('treatmentId', 'Nothing was added in that treatment: choose another.')
  }
  if (kind === 'cap' && maxPercent === null) {
    refuseField('maxPercent', 'Say how much at most, such as 10 %.')
  }
  const medium = kind === 'cap' && treatment.added ? treatment.added : treatment.medium
  if (medium.kind === 'named') {
    refuseField(
      'treatmentId',
      `${medium.name} is not in this garden: the trial came from elsewhere.`,
    )
  }
  const most = kind === 'cap' ? maxPercent : null
  return { id: await addFinding(db, { trialId: id, kind, cropId, medium, maxPercent: most, at }) }
}

/** What trials handed on, in words. */
export async function findingViews(
  db: OpenDatabase,
  tables: Tables,
  asked: Parameters<typeof listFindings>[1] = {},
): Promise<FindingView[]> {
  const views: FindingView[] = []
  for (const one of await listFindings(db, asked)) views.push(await findingView(db, tables, one))
  return views
}

async function findingView(
  db: OpenDatabase,
  tables: Tables,
  { medium, at, cropId, ...finding }: TrialFinding,
): Promise<FindingView> {
  const { name, address } = await mediumName(db, tables, medium)
  return {
    ...finding,
    cropId,
    cropName: cropId && (tables.crops.get(cropId)?.name ?? cropId),
    medium: name,
    mediumAddress: address,
    materialId: medium.kind === 'bag' ? medium.materialId : null,
    on: dayAt(tables.timeZone, at),
  }
}
