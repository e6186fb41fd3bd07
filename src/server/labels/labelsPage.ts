import { byName } from '../../data/byName'
import { listContainers, type StoredContainer } from '../../data/containers'
import { openPlantings } from '../../data/season'
import { readSite } from '../../data/site'
import { blindContainers } from '../../data/trials'
import {
  LABEL_SIZES,
  type LabelSize,
  type LabelsPage,
  type LabelsQuery,
  type LabelView,
} from '../../messages/labels'
import type { OpenDatabase } from '../database'
import { readCardFacts } from '../lots'
import { numbersIn } from '../numbersIn'
import { readTables } from '../tables'
import { qrPath } from './qrPath'

/** Nobody prints more at once. */
const MOST = 210

type Facts = Awaited<ReturnType<typeof readCardFacts>>[number]

/** Labels of the pots and lots asked for; of all pots where none are. */
export async function labelsPage(
  db: OpenDatabase,
  asked: LabelsQuery,
  openedAt: string,
): Promise<LabelsPage> {
  const origin = (asked.at ?? openedAt).replace(/\/+$/, '')
  const tables = await readTables(db, (await readSite(db)).timeZone)
  const containers = await listContainers(db)
  const pots = chosenPots(containers, asked)
  const lotIds = numbersIn(asked.lots ?? '')
  const shownPots = pots.slice(0, MOST)
  const shownLots = lotIds.slice(0, MOST - shownPots.length)
  const facts = await readCardFacts(db, tables, [
    ...new Set([...shownLots, ...shownPots.flatMap(({ lotId }) => lotId ?? [])]),
  ])
  const byId = new Map(facts.map((one) => [one.lot.id, one]))
  const growing = new Map<number, string[]>()
  for (const { containerId, cropId } of await openPlantings(db)) {
    const name = tables.crops.get(cropId)?.name
    if (name) growing.set(containerId, [...(growing.get(containerId) ?? []), name])
  }
  const blind = await blindContainers(db)
  const factsOf = ({ id, lotId }: StoredContainer) =>
    blind.has(id) ? undefined : byId.get(lotId ?? 0)
  const all = [
    ...shownPots.map((pot) => potLabel(pot, factsOf(pot), growing.get(pot.id) ?? [])),
    ...shownLots.flatMap((id) => {
      const found = byId.get(id)
      return found ? [lotLabel(found)] : []
    }),
  ]
  return {
    asked,
    size: LABEL_SIZES.find(({ id }) => id === asked.size) ?? (LABEL_SIZES[0] as LabelSize),
    skip: asked.skip ?? 0,
    labels: all.map((label) => {
      const address = `${origin}/c/${encodeURIComponent(label.code)}`
      return { ...label, address, qr: qrPath(address) }
    }),
    left: Math.max(0, pots.length + lotIds.length - MOST),
    places: [...new Set(containers.map(({ place }) => place))].sort(byName),
    origin,
    isOnlyHere: ['localhost', '127.0.0.1', '[::1]'].includes(new URL(origin).hostname),
  }
}

type Plain = Omit<LabelView, 'address' | 'qr'>

function potLabel(
  { id, code, name, place }: StoredContainer,
  facts: Facts | undefined,
  crops: readonly string[],
): Plain {
  return {
    kind: 'pot',
    id,
    code,
    name,
    place,
    lotName: facts?.lot.name ?? '',
    strata: facts?.strata ?? [],
    innings: facts ? facts.innings.length : null,
    crops: [...new Set(crops)],
  }
}

function lotLabel({ lot, where, strata, innings }: Facts): Plain {
  return {
    kind: 'lot',
    id: lot.id,
    code: lotCode(lot.id),
    name: lot.name,
    place: where,
    lotName: '',
    strata,
    innings: innings.length,
    crops: [],
  }
}

/** What a lot is called on its label. */
export function lotCode(id: number): string {
  return `L${id}`
}

function chosenPots(
  containers: readonly StoredContainer[],
  { pots, lots, place }: LabelsQuery,
): readonly StoredContainer[] {
  if (pots) {
    const ids = new Set(numbersIn(pots ?? ''))
    return containers.filter(({ id }) => ids.has(id))
  }
  if (lots) return []
  return place ? containers.filter((one) => one.place === place) : containers
}
