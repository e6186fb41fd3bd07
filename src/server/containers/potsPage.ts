import { byName } from '../../data/byName'
import { listContainers, listPlaces, type StoredContainer } from '../../data/containers'
import { readLotNames } from '../../data/media'
import { openPlantings, type Planting } from '../../data/season'
import { readSite } from '../../data/site'
import type { PotState, PotsQuery } from '../../messages/containers/pots'
import type { PotRow, PotsPage } from '../../messages/containers/potViews'
import type { OpenDatabase } from '../database'
import { PAGE_ROWS, partOf } from '../listPart'
import { readTables } from '../tables'

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
  const countOf = (state: PotState) => here.filter((row) => row.state === state).length
  return {
    asked,
    part: { ...part, pageRows: PAGE_ROWS },
    places: (await listPlaces(db)).map(({ name }) => name),
    counts: { growing: countOf('growing'), waiting: countOf('waiting'), empty: countOf('empty') },
    rows: slice,
    crops: [...tables.crops.values()].map(({ id, name, rotationGroup }) => ({
      id,
      name,
      rotationGroup,
    })),
  }
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
): PotRow {
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

function fits(row: PotRow, { place, find = '' }: PotsQuery): boolean {
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

function nameOf({ cropName }: PotRow['plantings'][number]): string {
  return cropName
}

/** By code where nothing is said: so they come. */
function sorted(rows: readonly PotRow[], order: PotsQuery['order']): readonly PotRow[] {
  const cropOf = ({ plantings: [first] }: PotRow) => first?.cropName ?? '\uffff'
  switch (order) {
    case 'place':
      return [...rows].sort((a, b) => byName(a.place, b.place))
    case 'litres':
      return [...rows].sort((a, b) => b.litres - a.litres)
    case 'crop':
      return [...rows].sort((a, b) => byName(cropOf(a), cropOf(b)))
    default:
      return rows
  }
}
