import type { Crop } from '../../core/chemistry'
import type { Material } from '../../core/media'
import { groupById, mixInPlace, mixWish, PLANT_GROUPS } from '../../core/mixes'
import { EXPOSURE_FACTORS, worstMonth } from '../../core/season'
import { keepEach } from '../../data/kept'
import { findLotNames, listMaterials, materialsById } from '../../data/media'
import { findMixes, type Mix } from '../../data/mixes'
import { listCrops } from '../../data/season'
import { readCorrections, readSite } from '../../data/site'
import type { ListQuery } from '../../messages/list'
import type { MixesPage, MixRow } from '../../messages/mixes/mixViews'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { partOf } from '../listPart'
import { readCardFacts, strataOf } from '../lots'
import { readTables } from '../tables'
import { materialsAsTested, partsToComponents, testOfMix } from './mixSetting'

const MIX_ROWS = 24
/** Lots that are offered to begin from; any other is found on its own page. */
const MOST_LOTS = 20

const keptRows = keepEach<number, MixRow>(['materials', 'crops', 'site', 'mixTests'], 500)

/** A page of the recipes with what they do where they were designed for, and where a new one may begin. */
export async function mixesPage(db: OpenDatabase, asked: ListQuery = {}): Promise<MixesPage> {
  const site = await readSite(db)
  const materials = await materialsById(db)
  const crops = await listCrops(db)
  const { place } = worstMonth(site)
  const humifiedFines = materials.get('humified-fines')
  if (!humifiedFines) throw new Error('The material that rotten mix becomes is missing.')
  const setting = { materials, crops, place, humifiedFines, timeZone: site.timeZone }
  const { rows, part } = await partOf(
    asked.page,
    (at) => findMixes(db, { find: asked.find ?? '', ...at }),
    MIX_ROWS,
  )
  const lots = await findLotNames(db, '', MOST_LOTS, { withContents: true })
  const offered = await mayBeUsed(db, lots.rows, site.timeZone)
  const corrections = await readCorrections(db)
  const mixes: MixRow[] = []
  for (const mix of rows) mixes.push(await mixRow(db, mix, setting))
  return {
    asked,
    part,
    mixes,
    groups: PLANT_GROUPS,
    bags: (await listMaterials(db))
      .filter(({ material }) => material.group === 'bagged mix')
      .map(({ material: { id, name } }) => ({ id, name })),
    lots: offered,
    // Those that may not be used are no more that could be shown.
    lotsTotal: lots.total - (lots.rows.length - offered.length),
    corrections: corrections && {
      on: dayAt(site.timeZone, corrections.at),
      taken: corrections.taken,
      left: corrections.left,
    },
  }
}

/** Lots that rest, are kept apart or belong in no pot again are no beginning. */
async function mayBeUsed<Row extends { readonly id: number }>(
  db: OpenDatabase,
  rows: readonly Row[],
  timeZone: string,
): Promise<Row[]> {
  const ids = rows.map(({ id }) => id)
  const facts = await readCardFacts(db, await readTables(db, timeZone), ids)
  const barred = new Set(
    facts
      .filter(({ triage }) => triage?.hold || GIVEN_UP.includes(triage?.verdict ?? ''))
      .map(({ lot }) => lot.id),
  )
  return rows.filter(({ id }) => !barred.has(id))
}

const GIVEN_UP: readonly string[] = ['compost', 'discard']

interface Setting {
  readonly materials: ReadonlyMap<string, Material>
  readonly crops: readonly Crop[]
  readonly place: ReturnType<typeof worstMonth>['place']
  readonly humifiedFines: Material
  readonly timeZone: string
}

async function mixRow(
  db: OpenDatabase,
  { id, name, versions: [newest] }: Mix,
  { materials: all, crops, place, humifiedFines, timeZone }: Setting,
): Promise<MixRow> {
  const version = `${name} ${newest.id}`
  const kept = await keptRows(db)
  const known = kept.read(id, version)
  if (known) return known
  const { number, parts, madeFor } = newest
  const test = await testOfMix(db, id, newest.at)
  const materials = new Map([...all, ...materialsAsTested(parts, all, test)])
  const components = partsToComponents(parts, materials)
  const crop = crops.find((one) => one.id === madeFor.cropId) ?? null
  const group = groupById(madeFor.groupId)
  const { shape, headspaceCm } = madeFor.container
  const wish = mixWish({ crop, group })
  const { capacity, dry } = mixInPlace({
    components,
    container: { shape, fillHeightCm: shape.heightCm - headspaceCm },
    crop,
    groupId: group?.id ?? null,
    place: { ...place, exposureFactor: EXPOSURE_FACTORS[madeFor.exposure] },
    humifiedFines,
  })
  const row = {
    id,
    name,
    version: number,
    strata: strataOf(components),
    air: capacity.airFraction,
    airTestedOn: test?.from.includes('porosity') ? dayAt(timeZone, test.at) : null,
    days: dry.days,
    containerName: madeFor.containerName,
    cropName: crop?.name ?? null,
    groupId: group?.id ?? null,
    airMin: wish?.airMin ?? null,
    airMax: wish?.airMax ?? null,
  }
  kept.write(id, version, row)
  return row
}
