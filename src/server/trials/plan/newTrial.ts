import { randomInt } from 'node:crypto'
import { requireShape } from '../../../core/containers'
import {
  assignPots,
  bearsFruit,
  layoutTrial,
  MOST_TRIAL_POTS,
  MUST_RANGE,
  MUSTS_OF,
  mainMeasure,
  type TrialMeasure,
  type TrialPlace,
} from '../../../core/trials'
import { requireContainers, type StoredContainer } from '../../../data/containers'
import { openPlantings } from '../../../data/season'
import { readSite } from '../../../data/site'
import { createTrial, replacePlan } from '../../../data/trials'
import type {
  ChangeTrialBody,
  NewTrialBody,
  PotSizeBody,
  TreatmentBody,
} from '../../../messages/trials/trials'
import type { OpenDatabase } from '../../database'
import type { Tables } from '../../lots'
import { refuseField } from '../../problem'
import { readTables } from '../../tables'
import { freshCodes } from './freshCodes'
import { keptMedium } from './media'

const LARGEST_SEED = 2 ** 31 - 1

/**
 * Writes a trial down: its question, its control, its treatments, and where each pot stands.
 * @throws Refused at the field that does not fit the others
 */
export async function newTrial(db: OpenDatabase, body: NewTrialBody, at: Date): Promise<number> {
  const { row, treatments, pots } = await planOf(db, body)
  return createTrial(db, { ...row, createdAt: at }, treatments, pots)
}

/** Plans one anew. @throws Refused as above, StaleWrite, Conflict once its pots are there */
export async function changePlan(
  db: OpenDatabase,
  id: number,
  { version, ...body }: ChangeTrialBody,
): Promise<void> {
  const { row, treatments, pots } = await planOf(db, body)
  await replacePlan(db, id, version, row, treatments, pots)
}

async function planOf(db: OpenDatabase, body: NewTrialBody) {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const crops = requireCrops(body, tables)
  requireMust(body)
  requireDoses(body)
  const deciding = requireDeciding(body, tables)
  requireSize(body.potSize, 'potSize')
  const treatments = []
  for (const [index, one] of body.treatments.entries()) {
    const field = `treatments.${index}`
    if (one.potSize) requireSize(one.potSize, `${field}.potSize`)
    treatments.push({
      name: one.name,
      medium: await keptMedium(db, tables, one.medium, `${field}.medium`),
      added: one.added ? await keptMedium(db, tables, one.added, `${field}.added`) : null,
      dose: one.dose,
      potSize: one.potSize,
      care: one.care.trim(),
      risks: one.risks,
    })
  }
  const seed = randomInt(LARGEST_SEED)
  const { places, columns } = placesOf(body, seed)
  const codes = await freshCodes(
    db,
    places.map(({ code }) => code),
    seed,
  )
  const own = await ownPots(db, body, places)
  const pots = places.map(({ treatment, code: _, ...place }, index) => ({
    ...place,
    treatment: Number(treatment),
    code: own?.[index]?.code ?? (codes[index] as string),
    containerId: own?.[index]?.id ?? null,
    cropId:
      body.kind === 'side-by-side'
        ? (crops[Math.floor((place.block ?? 0) / body.pots)] ?? null)
        : null,
  }))
  const {
    treatments: _treatments,
    crops: _crops,
    potIds: _potIds,
    kind,
    cropId,
    question,
    ...rest
  } = body
  const row = {
    ...rest,
    ...deciding,
    kind,
    question,
    cropId: kind === 'side-by-side' ? null : cropId,
    blocks: kind === 'side-by-side' || body.blocks,
    columns,
    seed,
  }
  return { row, treatments, pots }
}

/** @returns the crops that pots differ in: of a side by side */
function requireCrops(body: NewTrialBody, { crops }: Tables): readonly string[] {
  const { kind, cropId, perPot } = body
  if (kind === 'side-by-side') {
    if (body.crops.length === 0)
      refuseField('crops', 'Choose the crops that are grown in each mix.')
    if (!body.crops.every((id) => crops.has(id))) {
      refuseField('crops', 'Choose crops from the list.')
    }
  } else if (cropId === null) {
    if (kind !== 'count' || perPot > 0) refuseField('cropId', 'Choose what is sown or planted.')
  } else if (!crops.has(cropId)) {
    refuseField('cropId', 'Choose a crop from the list.')
  }
  if (perPot === 0 && kind !== 'count') {
    refuseField('perPot', 'Say how many go into each pot, such as 1.')
  }
  if (kind === 'count' && perPot > 0 !== (body.must === 'germination')) {
    refuseField(
      'must',
      perPot > 0
        ? 'Where seeds are sown, the control has to bring up a share of them.'
        : 'Where nothing is sown, the control has to show weeds: else nothing was tested.',
    )
  }
  return body.crops
}

function requireMust({ kind, must, mustValue }: NewTrialBody): void {
  if (!MUSTS_OF[kind].includes(must)) {
    refuseField('must', 'Choose what the control must reach in a trial of this kind.')
  }
  const { low, high } = MUST_RANGE[must]
  if (mustValue < low || mustValue > high) {
    refuseField('mustValue', `What the control must reach lies from ${low} to ${high}.`)
  }
}

/** What decides, named or as is usual: the thing that is weighed or counted up, on the last day. */
function requireDeciding(
  { kind, measures, checkDays, decides, decidesDay, cropId, crops }: NewTrialBody,
  tables: Tables,
): { readonly decides: TrialMeasure | null; readonly decidesDay: number | null } {
  if (measures.length === 0) return { decides: null, decidesDay: null }
  if (decides !== null && !measures.includes(decides)) {
    refuseField('decides', 'Choose what decides among what is measured.')
  }
  if (decidesDay !== null && !checkDays.includes(decidesDay)) {
    refuseField('decidesDay', 'Choose a day on which it is looked at.')
  }
  const grown = [cropId, ...crops].flatMap((id) => (id ? (tables.crops.get(id) ?? []) : []))
  return {
    decides: decides ?? mainMeasure(kind, measures, grown.some(bearsFruit)),
    decidesDay: decidesDay ?? (checkDays.length > 0 ? Math.max(...checkDays) : null),
  }
}

function requireDoses({ kind, treatments }: NewTrialBody): void {
  const refuseDose = (index: number, message: string) =>
    refuseField(`treatments.${index}.dose`, message)
  if (kind !== 'dose') return
  if (treatments[0]?.dose !== 0) refuseDose(0, 'The control has none of it: its dose is 0.')
  treatments.forEach(({ dose, added }: TreatmentBody, index) => {
    if (dose > 0 && added === null) {
      refuseField(`treatments.${index}.added`, 'Choose what is mixed in.')
    }
    if (treatments.findIndex((one) => one.dose === dose) < index) {
      refuseDose(index, 'This dose stands there twice.')
    }
  })
}

function requireSize({ shape, headspaceCm }: PotSizeBody, field: string): void {
  requireShape(shape)
  if (headspaceCm >= shape.heightCm) {
    refuseField(`${field}.headspaceCm`, 'The gap to the rim must be less than the height.')
  }
}

function placesOf(
  { kind, treatments, pots, blocks, crops }: NewTrialBody,
  seed: number,
): { readonly places: readonly TrialPlace[]; readonly columns: number } {
  const isSide = kind === 'side-by-side'
  const replicates = isSide ? pots * crops.length : pots
  const count = replicates * treatments.length
  if (count > MOST_TRIAL_POTS) {
    refuseField(
      'pots',
      `That makes ${count} pots: a trial has at most ${MOST_TRIAL_POTS}. Take fewer.`,
    )
  }
  const inBlocks = isSide || blocks
  const columns = inBlocks ? treatments.length : Math.max(2, Math.ceil(Math.sqrt(count)))
  const places = layoutTrial({
    treatments: treatments.map((_, number) => String(number)),
    replicates,
    blocks: inBlocks,
    columns,
    seed,
  })
  return { places, columns }
}

/**
 * The grower's own pots, one for each place; null where new ones are made.
 * @throws Refused where something grows in one, or there are not as many
 */
async function ownPots(
  db: OpenDatabase,
  { potIds, treatments }: NewTrialBody,
  places: readonly TrialPlace[],
): Promise<readonly StoredContainer[] | null> {
  if (potIds.length === 0 || places.length === 0) return null
  const found = await requireContainers(db, potIds)
  const growing = new Set((await openPlantings(db)).map(({ containerId }) => containerId))
  const taken = found.find(({ id }) => growing.has(id))
  if (taken) refuseField('potIds', `Something grows in ${taken.code}: choose another pot.`)
  const wanted = places.map(({ treatment }) => {
    const one = treatments[Number(treatment)]
    return one?.medium.kind === 'lot' && one.added === null ? one.medium.lotId : null
  })
  const byId = new Map(found.map((pot) => [pot.id, pot]))
  return assignPots(wanted, found).map((id) => byId.get(id) as StoredContainer)
}
