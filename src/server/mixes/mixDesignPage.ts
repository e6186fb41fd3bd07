import { blendMedia, containerCapacity, type Material } from '../../core/media'
import {
  groupById,
  type MixFor,
  type MixPart,
  mixWithRange,
  PLANT_GROUPS,
  USUAL_POTS,
} from '../../core/mixes'
import { EXPOSURE_FACTORS, type Exposure, worstMonth } from '../../core/season'
import type { StoredCalibrationOfSample } from '../../data/bench'
import { listContainers } from '../../data/containers'
import { NotFound } from '../../data/errors'
import { listMaterials, materialsById } from '../../data/media'
import { readMix } from '../../data/mixes'
import { listCrops } from '../../data/season'
import { readSite, type Site } from '../../data/site'
import { trialsOfMix } from '../../data/trials'
import type { DesignQuery } from '../../messages/mixes/mixes'
import type { MixDesignPage, MixMaterial } from '../../messages/mixes/mixViews'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { type LotFacts, readLotFacts, refuseHeld } from '../lots'
import { refuseField } from '../problem'
import { remembered } from '../remembered'
import { readTables } from '../tables'
import { handedOn } from './handedOn'
import { materialsAsTested, partsToComponents, sizesOf, testOfMix, USUAL_POT } from './mixSetting'

/** A batch to begin with, where nothing says how much. */
const FIRST_LITRES = 10

const firstAnswer = remembered(50, mixWithRange)

/** All that the designer needs, with its first answer. */
export async function mixDesignPage(db: OpenDatabase, query: DesignQuery): Promise<MixDesignPage> {
  const site = await readSite(db)
  const all = await materialsById(db)
  const listed = await listMaterials(db)
  const crops = await listCrops(db)
  const containers = sizesOf(await listContainers(db))
  if (query.bag && !all.has(query.bag)) throw new NotFound('There is no such bag.')
  const begin = await beginning(db, query, containers[0] ?? USUAL_POT, site)
  const { month, place } = worstMonth(site)
  const humifiedFines = all.get('humified-fines')
  if (!humifiedFines) throw new Error('The material that rotten mix becomes is missing.')
  const inUse: MixMaterial[] = listed.map(({ material, litres, pricePerLitre }) => ({
    material,
    pricePerLitre,
    stockLitres: litres,
    putAway: false,
  }))
  const putAway = begin.parts.flatMap(({ materialId }): MixMaterial[] => {
    const material = all.get(materialId)
    const known = inUse.some(({ material }) => material.id === materialId)
    return !known && material
      ? [{ material, pricePerLitre: null, stockLitres: 0, putAway: true }]
      : []
  })
  const { shape, headspaceCm } = begin.madeFor.container
  const written = begin.versions[0]?.at
  const test = begin.mix && written ? await testOfMix(db, begin.mix.id, written) : null
  const asTested = materialsAsTested(begin.parts, all, test)
  const inForce = new Map([...all, ...asTested])
  const components = partsToComponents(begin.parts, inForce)
  return {
    ...begin,
    trials: begin.mix ? await trialsOfMix(db, begin.mix.id) : [],
    ...(await handedOn(db, begin.mix?.id ?? null, crops, all)),
    versions: begin.versions.map(({ number, at, note }) => ({
      number,
      on: dayAt(site.timeZone, at),
      note,
    })),
    materials: [...inUse, ...putAway].map((one) => ({
      ...one,
      material: asTested.get(one.material.id) ?? one.material,
    })),
    containers,
    crops,
    groups: PLANT_GROUPS,
    place,
    month,
    tested: testedMix(test, begin, all, site.timeZone),
    alkalinityMgPerL: site.tapWater.alkalinityMgPerL,
    humifiedFines,
    first: components.some(({ parts }) => parts > 0)
      ? firstAnswer({
          components,
          container: { shape, fillHeightCm: shape.heightCm - headspaceCm },
          crop: crops.find(({ id }) => id === begin.madeFor.cropId) ?? null,
          groupId: groupById(begin.madeFor.groupId)?.id ?? null,
          place: { ...place, exposureFactor: EXPOSURE_FACTORS[begin.madeFor.exposure] },
          humifiedFines,
        })
      : null,
  }
}

/** What the newest tests of a recipe say of its newest version in its pot, beside what its recipe lets expect. */
function testedMix(
  test: StoredCalibrationOfSample | null,
  { parts, madeFor }: Beginning,
  materials: ReadonlyMap<string, Material>,
  timeZone: string,
): MixDesignPage['tested'] {
  if (!test?.from.includes('porosity')) return null
  const { shape, headspaceCm } = madeFor.container
  const airOf = ({ curve }: Pick<typeof test.prior, 'curve'>) =>
    containerCapacity({ curve, shape, fillHeightCm: shape.heightCm - headspaceCm }).airFraction
  return {
    on: dayAt(timeZone, test.at),
    air: airOf(test.measured),
    expectedAir: airOf(blendMedia({ components: partsToComponents(parts, materials) })),
  }
}

type Beginning = Pick<MixDesignPage, 'mix' | 'name' | 'note' | 'parts' | 'madeFor' | 'from'> & {
  readonly versions: readonly { number: number; at: Date; note: string | null }[]
}

async function beginning(
  db: OpenDatabase,
  query: DesignQuery,
  pot: MixFor['container'] & { readonly name: string; readonly exposure?: Exposure },
  site: Site,
): Promise<Beginning> {
  const { mix, lot, group, bag } = query
  const madeFor: MixFor = {
    container: { shape: pot.shape, headspaceCm: pot.headspaceCm },
    containerName: pot.name,
    cropId: null,
    groupId: null,
    exposure: pot.exposure ?? 'open',
    everyDays: 2,
  }
  const fresh = { mix: null, from: null, versions: [], name: '', note: '', madeFor }
  if (mix !== undefined) {
    const { id, name, versions } = await readMix(db, mix)
    const [newest] = versions
    return {
      mix: { id, version: newest.number },
      from: null,
      versions,
      name,
      note: newest.note ?? '',
      parts: newest.parts,
      madeFor: newest.madeFor,
    }
  }
  if (lot !== undefined) {
    const facts = await readLotFacts(db, await readTables(db, site.timeZone), lot)
    const { name } = facts.lot
    refuseGivenUp(facts)
    const { triage: judged } = facts
    const from = { id: lot, name, judged }
    // Aged as it is by now: what rot made of it is among them.
    const parts = facts.components.map(({ material, parts: litres }) => ({
      materialId: material.id,
      litres,
    }))
    return { ...fresh, from, name, parts: scaled(parts) }
  }
  if (group !== undefined) {
    const found = groupById(group)
    if (!found) throw new NotFound('There is no such plant group.')
    const parts = found.starts.map(([materialId, litres]) => ({ materialId, litres }))
    const usual = USUAL_POTS[found.id]
    const stands = usual
      ? {
          container: { shape: usual.shape, headspaceCm: usual.headspaceCm },
          containerName: usual.name,
        }
      : {}
    const asked = await askedFor(db, query)
    const whom = asked.cropId ? { cropId: asked.cropId } : { groupId: found.id }
    return {
      ...fresh,
      parts: scaled(parts),
      madeFor: { ...madeFor, ...stands, ...asked.stands, ...whom },
    }
  }
  return { ...fresh, parts: bag ? [{ materialId: bag, litres: FIRST_LITRES }] : [] }
}

/** The pot and the crop a page that knows them asks for; what is not there any more is left to the form. */
async function askedFor(db: OpenDatabase, { pot, crop }: DesignQuery) {
  const found =
    pot === undefined ? undefined : (await listContainers(db)).find(({ id }) => id === pot)
  const known = crop !== undefined && (await listCrops(db)).some(({ id }) => id === crop)
  const stands = found && {
    container: { shape: found.shape, headspaceCm: found.headspaceCm },
    containerName: found.name,
    exposure: found.exposure,
  }
  return { stands, cropId: known ? crop : null }
}

/** @throws Refused where the lot rests, is kept apart, or belongs in no pot again */
function refuseGivenUp(facts: LotFacts): void {
  refuseHeld(facts, 'lot')
  const verdict = facts.triage?.verdict
  if (verdict !== 'compost' && verdict !== 'discard') return
  refuseField(
    'lot',
    `What was found in ${facts.lot.name} does not belong in pots again: begin with another lot, or a bag.`,
  )
}

/** To ten litres in all, in tenths. */
function scaled(parts: readonly MixPart[]): MixPart[] {
  const total = parts.reduce((sum, { litres }) => sum + litres, 0)
  if (!(total > 0)) return []
  return parts.map(({ materialId, litres }) => ({
    materialId,
    litres: Math.round((100 * litres) / total) / 10,
  }))
}
