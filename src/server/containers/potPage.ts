import { heightForVolume } from '../../core/containers'
import { listPlaces, type StoredContainer } from '../../data/containers'
import { NotFound } from '../../data/errors'
import { presentInnings, readLotNames } from '../../data/media'
import { readOpenOrder } from '../../data/recondition'
import {
  firstPlanted,
  logOf,
  movesOf,
  type Planting,
  type PotLogEntry,
  plantingsIn,
  wholeYear,
} from '../../data/season'
import { readSite } from '../../data/site'
import { blindContainers, trialsInContainer } from '../../data/trials'
import type { LogView, PlantingView, PotPage } from '../../messages/containers/potViews'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import {
  type LotFacts,
  lotFamilies,
  potView,
  problemChoices,
  readLotFacts,
  recentFamilies,
  type Tables,
  triageView,
} from '../lots'
import { readTables } from '../tables'
import { fillChoices } from './fillPot'
import { goingOn } from './goingOn'
import { potWater } from './potWater'
import { seenOnce, waysOut } from './waysOut'

/** One container: its mix cut open, what grows in it, what was written down of it. */
export async function potPage(db: OpenDatabase, id: number): Promise<PotPage> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const container = tables.containersById.get(id)
  if (!container) throw new NotFound(`There is no container ${id}.`)
  const {
    code,
    name,
    place,
    litres,
    lotId,
    version,
    shape,
    outerShape,
    fillerCm,
    headspaceCm,
    exposure,
  } = container
  const facts = lotId === null ? null : await readLotFacts(db, tables, lotId)
  const surfaceCm = facts && surfaceIn(container, facts)
  const all = await plantingsIn(db, [id])
  const isGrowing = (one: Planting) => one.endedOn === null && one.lotId === lotId
  const growing = all.filter(isGrowing)
  const log = await logOf(db, id)
  const names = await readLotNames(db, [...new Set(all.map((one) => one.lotId))])
  const view = plantingViews(tables, names, facts, await movesIn(db, all, tables))
  const filledAt = facts?.lot.mixedAt ?? null
  // What was seen ends with a new mix, and with the plant it was seen at.
  const since = growing.map(({ startedOn }) => startedOn).sort()[0] ?? null
  const sinceFilled = log.filter(
    (entry) =>
      (filledAt === null || entry.at > filledAt) &&
      since !== null &&
      dayAt(tables.timeZone, entry.at) >= since,
  )
  const [planting] = growing
  const lastCrop = (planting && tables.crops.get(planting.cropId)) ?? facts?.crop ?? null
  const places = await listPlaces(db)
  return {
    id,
    version,
    shape: outerShape,
    fillerCm,
    headspaceCm,
    exposure,
    code,
    name,
    place,
    places: places.map((one) => one.name),
    litres,
    families: facts ? recentFamilies(await lotFamilies(db, facts.lot, tables), tables.today) : [],
    fill: facts ? null : await fillChoices(db),
    goingOn: growing.length > 0 ? await goingOn(db, container, tables) : null,
    lot: facts && (await lotOf(db, facts)),
    section:
      facts?.hydraulics && surfaceCm
        ? potView(facts.components, facts.hydraulics.curve, container, surfaceCm, facts.crop)
        : null,
    water:
      facts && surfaceCm
        ? potWater(
            { shape, fillHeightCm: surfaceCm, exposure, on: tables.today },
            facts,
            growing,
            tables,
            site,
          )
        : null,
    seenOnce: seenOnce(sinceFilled, site),
    ways:
      facts && surfaceCm && lastCrop
        ? waysOut({
            container,
            surfaceCm,
            facts,
            crop: lastCrop,
            log: sinceFilled,
            site,
            places,
            pots: [...tables.containersById.values()],
          })
        : null,
    growing: growing.map(view),
    past: all.filter((one) => !isGrowing(one)).map(view),
    log: log.map((entry) => logView(entry, tables)),
    crops: [...tables.crops.values()].map((crop) => ({
      id: crop.id,
      name: crop.name,
      rotationGroup: crop.rotationGroup,
    })),
    problems: problemChoices(tables),
    triage: facts && triageView(facts.triage, tables),
    isBlind: (await blindContainers(db)).has(id),
    trials: await trialsInContainer(db, id),
  }
}

/** Where the mix stands in it, its lot spread evenly over its containers. */
function surfaceIn(container: StoredContainer, { lot, containers }: LotFacts): number | null {
  const room = containers.reduce((sum, { litres }) => sum + litres, 0)
  if (!(room > 0) || !(lot.contents.litres > 0)) return null
  const share = Math.min(1, lot.contents.litres / room)
  return heightForVolume({ shape: container.shape, litres: container.litres * share })
}

async function lotOf(db: OpenDatabase, { lot, innings }: LotFacts): Promise<PotPage['lot']> {
  const present = presentInnings(lot)
  return {
    id: lot.id,
    name: lot.name,
    litres: lot.contents.litres,
    innings,
    readyOn: present?.plantedOn === null ? present.readyOn : null,
    openOrderId: (await readOpenOrder(db, lot.id))?.id ?? null,
  }
}

function isWholeYear({ startedOn, endedOn }: Planting): boolean {
  const year = wholeYear(Number(startedOn.slice(0, 4)))
  return startedOn === year.startedOn && endedOn === year.endedOn
}

function plantingViews(
  { crops }: Tables,
  lotNames: ReadonlyMap<number, string>,
  facts: LotFacts | null,
  moves: Moves,
): (one: Planting) => PlantingView {
  const present = facts && presentInnings(facts.lot)
  const last = facts?.lot.innings.at(-1)
  return (one) => ({
    id: one.id,
    cropName: crops.get(one.cropId)?.name ?? one.cropId,
    cultivar: one.cultivar,
    how: one.how,
    count: one.count,
    startedOn: one.startedOn,
    endedOn: one.endedOn,
    growth: one.growth,
    harvestG: one.harvestG,
    endedWhy: one.endedWhy,
    note: one.note,
    despite: one.despite,
    lotId: one.lotId,
    lotName: lotNames.get(one.lotId) ?? '',
    yearOnly: isWholeYear(one),
    canReopen:
      one.endedOn !== null &&
      one.endedWhy !== 'turned over' &&
      one.endedWhy !== 'emptied' &&
      !moves.to.has(one.id) &&
      one.inningsId === (present ?? last)?.id,
    movedFrom: moves.from.get(one.id) ?? null,
    movedTo: moves.to.get(one.id) ?? null,
  })
}

interface Moves {
  readonly from: ReadonlyMap<number, PlantingView['movedFrom']>
  readonly to: ReadonlyMap<number, PlantingView['movedTo']>
}

/** Where the plants of a pot came from, and where they went on. */
async function movesIn(
  db: OpenDatabase,
  all: readonly Planting[],
  { containersById }: Tables,
): Promise<Moves> {
  const others = await movesOf(db, all)
  const potOf = ({ containerId }: Planting) => {
    const pot = containersById.get(containerId)
    return pot && { id: pot.id, code: pot.code }
  }
  const from = new Map<number, PlantingView['movedFrom']>()
  const to = new Map<number, PlantingView['movedTo']>()
  for (const one of all) {
    const before = others.find(({ id }) => id === one.movedFromId)
    const after = others.find(({ movedFromId }) => movedFromId === one.id)
    const [came, went] = [before && potOf(before), after && potOf(after)]
    if (came) from.set(one.id, { ...came, firstOn: await firstPlanted(db, one) })
    if (went) to.set(one.id, went)
  }
  return { from, to }
}

function logView(entry: PotLogEntry, { problems, timeZone }: Tables): LogView {
  const { id, at, kind, value, problemId, photoId, note } = entry
  const problemName = problemId === null ? null : (problems.get(problemId)?.name ?? problemId)
  return { id, on: dayAt(timeZone, at), kind, value, problemName, photoId, note }
}
