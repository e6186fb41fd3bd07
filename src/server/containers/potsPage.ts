import type { LotState } from '../../core/media'
import { byName } from '../../data/byName'
import { listContainers, listPlaces, type StoredContainer } from '../../data/containers'
import { findLotPage, readLotNames } from '../../data/media'
import { openPlantings, type Planting } from '../../data/season'
import { readSite } from '../../data/site'
import type { PotState, PotsQuery } from '../../messages/containers/pots'
import type { FoundPot, PotRow, PotsPage } from '../../messages/containers/potViews'
import type { OpenDatabase } from '../database'
import { PAGE_ROWS, partOf } from '../listPart'
import { type CardFacts, potView, readCardFacts, type Tables } from '../lots'
import { readTables } from '../tables'

const TIRED = ['act', 'turn-over'] as const satisfies readonly LotState[]

/** A page of the containers, with what grows in each. */
export async function potsPage(db: OpenDatabase, asked: PotsQuery = {}): Promise<PotsPage> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const containers = await listContainers(db)
  const lotNames = await readLotNames(
    db,
    containers.flatMap(({ lotId }) => lotId ?? []),
  )
  const growing = await growingIn(db)
  const rows = containers.map((container) =>
    rowOf(container, growing.get(container.id) ?? [], lotNames, (id) => tables.crops.get(id)?.name),
  )
  const here = rows.filter((row) => fits(row, asked))
  const wanted = sorted(
    here.filter(({ state }) => !asked.state || state === asked.state),
    asked.order,
  )
  const { part, slice } = await partOf(asked.page, async ({ offset, limit }) => ({
    slice: wanted.slice(offset, offset + limit),
    total: wanted.length,
  }))
  const sections = await sectionsIn(db, tables, slice, containers)
  const countOf = (state: PotState) => here.filter((row) => row.state === state).length
  return {
    asked,
    part: { ...part, pageRows: PAGE_ROWS },
    places: (await listPlaces(db)).map(({ name }) => name),
    counts: { growing: countOf('growing'), waiting: countOf('waiting'), empty: countOf('empty') },
    tiredLots: await tiredLotsAt(db, asked.place),
    rows: slice.map((row) => ({ ...row, ...(sections.get(row.id) ?? NOTHING_IN_IT) })),
    crops: [...tables.crops.values()].map(({ id, name, rotationGroup }) => ({
      id,
      name,
      rotationGroup,
    })),
  }
}

async function tiredLotsAt(db: OpenDatabase, place = ''): Promise<number> {
  const { total } = await findLotPage(db, { states: TIRED, place, offset: 0, limit: 1 })
  return total
}

/** What grows now in each container, in the mix that stands in it. */
async function growingIn(db: OpenDatabase): Promise<ReadonlyMap<number, Planting[]>> {
  const byContainer = new Map<number, Planting[]>()
  for (const one of await openPlantings(db)) {
    const there = byContainer.get(one.containerId) ?? []
    byContainer.set(one.containerId, [...there, one])
  }
  return byContainer
}

function rowOf(
  { id, code, name, place, litres, outerShape, exposure, lotId }: StoredContainer,
  open: readonly Planting[],
  lotNames: ReadonlyMap<number, string>,
  cropName: (id: string) => string | undefined,
): FoundPot {
  const plantings = open
    .filter((one) => one.lotId === lotId)
    .map(({ cropId, startedOn }) => ({ cropName: cropName(cropId) ?? cropId, since: startedOn }))
  return {
    id,
    code,
    name,
    place,
    litres,
    shape: outerShape,
    exposure,
    lotId,
    lotName: lotId === null ? null : (lotNames.get(lotId) ?? null),
    state: lotId === null ? 'empty' : plantings.length > 0 ? 'growing' : 'waiting',
    plantings,
  }
}

function fits(row: FoundPot, { place, find = '' }: PotsQuery): boolean {
  if (place && row.place !== place) return false
  const text = [row.code, row.name, row.place, row.lotName ?? '', ...row.plantings.map(nameOf)]
    .join(' ')
    .toLowerCase()
  return find
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => text.includes(word))
}

function nameOf({ cropName }: FoundPot['plantings'][number]): string {
  return cropName
}

/** By code where nothing is said: so they come. */
function sorted(
  rows: readonly FoundPot[],
  order: PotsQuery['order'] = 'code',
): readonly FoundPot[] {
  const [by, direction] = order.split('.')
  const compare = ORDERS[by as keyof typeof ORDERS]
  if (!compare) return direction ? [...rows].reverse() : rows
  return [...rows].sort(direction ? (a, b) => compare(b, a) : compare)
}

const LAST = '\uffff'
const cropOf = ({ plantings: [first] }: FoundPot) => first?.cropName ?? LAST

const ORDERS = {
  place: (a: FoundPot, b: FoundPot) => byName(a.place, b.place),
  litres: (a: FoundPot, b: FoundPot) => a.litres - b.litres,
  crop: (a: FoundPot, b: FoundPot) => byName(cropOf(a), cropOf(b)),
}

type Drawn = Pick<PotRow, 'section' | 'innings'>

const NOTHING_IN_IT: Drawn = { section: null, innings: [] }

/** Pots cut open, with the seasons of the mix in them. */
async function sectionsIn(
  db: OpenDatabase,
  tables: Tables,
  rows: readonly FoundPot[],
  containers: readonly StoredContainer[],
): Promise<ReadonlyMap<number, Drawn>> {
  const lotIds = [...new Set(rows.flatMap(({ lotId }) => lotId ?? []))]
  const facts = new Map((await readCardFacts(db, tables, lotIds)).map((one) => [one.lot.id, one]))
  const wanted = new Set(rows.map(({ id }) => id))
  return new Map(
    containers.flatMap((container) => {
      const lot = container.lotId === null ? undefined : facts.get(container.lotId)
      return wanted.has(container.id) && lot ? [[container.id, drawn(container, lot)]] : []
    }),
  )
}

function drawn(
  container: StoredContainer,
  { components, hydraulics, surfaceCm, innings, crop }: CardFacts,
): Drawn {
  const height = Math.min(surfaceCm ?? container.fillHeightCm, container.fillHeightCm)
  return {
    section: hydraulics && potView(components, hydraulics.curve, container, height, crop),
    innings,
  }
}
