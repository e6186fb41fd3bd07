import { blendMedia, contentsOf, lotCost } from '../../core/media'
import { plantingDay } from '../../core/season'
import { addDays, daysBetween } from '../../core/units'
import { byName } from '../../data/byName'
import {
  type Innings,
  type LedgerEntry,
  type Lot,
  listMaterials,
  presentInnings,
  readLotNamesEver,
} from '../../data/media'
import { readOpenOrder, readWorkOrder } from '../../data/recondition'
import { readSite, type Site } from '../../data/site'
import { trialsOfLot } from '../../data/trials'
import type { LedgerRow, LotFlow, LotPage } from '../../messages/media/lotViews'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import {
  foundViews,
  type LotFacts,
  lotFamilies,
  lotFaults,
  lotRow,
  potView,
  problemChoices,
  readLotFacts,
  type Tables,
  triageStory,
  triageView,
} from '../lots'
import { stockOf } from '../recondition'
import { readTables } from '../tables'
import { workedOutOfLot } from './workedOutOfLot'

export async function lotPage(db: OpenDatabase, id: number, at: Date): Promise<LotPage> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const facts = await readLotFacts(db, tables, id)
  const open = await readOpenOrder(db, id)
  const { components, container, crop, surfaceCm } = facts
  const blend = components.length > 0 ? blendMedia({ components }) : null
  const {
    chemistry,
    lotWhy: { why, innings },
    remedy,
  } = await workedOutOfLot(db, facts, tables, site, await stockOf(db), at)
  const materials = await listMaterials(db)
  const names = new Map<string, string>([
    ...[...tables.materials.values()].map(({ id: key, name }) => [key, name] as const),
    ...[...tables.amendments.values()].map(({ id: key, name }) => [key, name] as const),
  ])
  return {
    ...lotRow(facts, tables, open),
    faults: lotFaults(facts, tables),
    found: foundViews(facts.found, tables),
    looked: facts.lot.looked && {
      ...facts.lot.looked,
      on: dayAt(tables.timeZone, facts.lot.looked.at),
    },
    triage: triageView(facts.triage, tables),
    story: triageStory(facts, tables),
    problems: problemChoices(tables),
    families: await lotFamilies(db, facts.lot, tables),
    trials: await trialsOfLot(db, facts.lot.id),
    flows: await flowsOf(db, facts.lot.ledger, site.timeZone),
    present: await presentOf(db, facts, site, tables),
    version: facts.lot.version,
    origin: facts.lot.origin,
    exposure: facts.container?.exposure ?? null,
    containers: facts.containers.map(({ id: potId, code, name }) => ({ id: potId, code, name })),
    pot:
      container && surfaceCm && facts.hydraulics
        ? potView(components, facts.hydraulics.curve, container, surfaceCm, crop)
        : null,
    potCount: facts.containers.length,
    water: blend && facts.air ? Math.max(0, blend.totalPorosity - facts.air.value) : null,
    totalPorosity: blend?.totalPorosity ?? null,
    bulkDensity: blend?.bulkDensity ?? null,
    ecSme: facts.ecSme,
    chemistry: chemistry?.view ?? null,
    correctors: [...tables.amendments.values()]
      .filter(({ cce, nPercent }) => Math.abs(cce) > 0.3 && nPercent === 0)
      .map(({ id: key, name }) => ({ id: key, name }))
      .sort((a, b) => byName(a.name, b.name)),
    why: { ...why, ...chemistry?.why },
    inningsLeft: innings && { value: innings.value, most: innings.most },
    ledger: ledgerRows(facts.lot.ledger, names, site.timeZone),
    cost: costOf(facts.lot),
    openOrderId: open?.id ?? null,
    crop: crop && {
      name: crop.name,
      airMin: crop.airMinPercent / 100,
      airMax: crop.airMaxPercent / 100,
      pHLow: crop.pHLow,
      pHHigh: crop.pHHigh,
      ecMaxSme: crop.ecMaxSme,
    },
    remedy,
    materials: materials.map(({ material }) => ({
      id: material.id,
      name: material.name,
      group: material.group,
    })),
  }
}

/** The innings a lot is in: when its mix was ready, when its crop went in or usually does. */
async function presentOf(
  db: OpenDatabase,
  { lot, crop }: LotFacts,
  site: Site,
  { today, amendments }: Tables,
): Promise<LotPage['present']> {
  const present = presentInnings(lot)
  if (!present) return null
  const { number, readyOn, plantedOn } = present
  const from = readyOn && readyOn > today ? readyOn : today
  return {
    number,
    readyOn,
    plantedOn,
    cropName: crop?.name ?? null,
    usualOn: crop ? plantingDay(crop, from, site.latitudeDeg) : null,
    feedPlan: await feedPlanOf(db, present, amendments, today),
  }
}

const DAYS_A_WEEK = 7

/** The feeds of a season from the day its crop went in; before that from the day it usually does. */
async function feedPlanOf(
  db: OpenDatabase,
  { workOrderId, plantedOn }: Innings,
  amendments: Tables['amendments'],
  today: string,
): Promise<NonNullable<LotPage['present']>['feedPlan']> {
  if (workOrderId === null || plantedOn === null) return null
  const { feedPlan } = (await readWorkOrder(db, workOrderId)).recipe
  if (!feedPlan) return null
  const { productId, gPerCan, litresPerFeed, feedsPerWeek, startWeek, endWeek } = feedPlan
  const perWeek = feedsPerWeek ?? 1
  const from = addDays(plantedOn, DAYS_A_WEEK * ((startWeek ?? 1) - 1))
  const to = addDays(plantedOn, DAYS_A_WEEK * (endWeek ?? startWeek ?? 1) - 1)
  // Feeds stand evenly apart from the first one on.
  const everyDays = DAYS_A_WEEK / perWeek
  const passed = Math.max(0, Math.ceil(daysBetween(from, today) / everyDays))
  const next = addDays(from, Math.round(passed * everyDays))
  return {
    product: amendments.get(productId)?.name ?? productId,
    grams: gPerCan,
    litresPerFeed,
    feedsPerWeek: perWeek,
    from,
    to,
    next: next <= to ? next : null,
  }
}

/** What came from other lots and went to them, newest first. */
async function flowsOf(
  db: OpenDatabase,
  ledger: readonly LedgerEntry[],
  timeZone: string,
): Promise<LotFlow[]> {
  const reversed = new Set(ledger.map(({ reversesId }) => reversesId))
  const entries = ledger.filter(
    ({ id, otherLotId, reversesId }) =>
      otherLotId !== null && reversesId === null && !reversed.has(id),
  )
  const others = await readLotNamesEver(
    db,
    entries.flatMap(({ otherLotId }) => otherLotId ?? []),
  )
  return entries
    .flatMap(({ id, at, litres, otherLotId }) => {
      const other = otherLotId === null ? undefined : others.get(otherLotId)
      return other ? [{ entryId: id, on: dayAt(timeZone, at), litres, ...other }] : []
    })
    .reverse()
}

/** What is there, at the prices it came in for. */
function costOf({ ledger, contents, innings }: Lot): LotPage['cost'] {
  const oldestFirst = [...ledger].sort((a, b) => a.id - b.id)
  const { total, perLitre, unknownLitres } = lotCost(oldestFirst)
  if (!(contents.litres > 0) || unknownLitres >= contents.litres * 0.999) return null
  return { total, perLitre, innings: innings.length, unknownLitres }
}

/** The ledger with its running balance, newest first. */
function ledgerRows(
  ledger: readonly LedgerEntry[],
  names: ReadonlyMap<string, string>,
  timeZone: string,
): LedgerRow[] {
  return ledger
    .map((entry, index) => {
      const reversed = ledger.some(({ reversesId }) => reversesId === entry.id)
      return {
        id: entry.id,
        on: dayAt(timeZone, entry.at),
        kind: entry.kind,
        litres: entry.litres,
        what: [
          ...entry.components.map(({ materialId, litres }) => ({
            name: names.get(materialId) ?? materialId,
            amount: litres,
            unit: 'L' as const,
          })),
          ...entry.doses.map(({ amendmentId, grams }) => ({
            name: names.get(amendmentId) ?? amendmentId,
            amount: grams,
            unit: 'g' as const,
          })),
        ],
        note: entry.note,
        otherLotId: entry.otherLotId,
        workOrderId: entry.workOrderId,
        balance: contentsOf(ledger.slice(0, index + 1)).litres,
        reversed,
        canReverse:
          !reversed &&
          entry.reversesId === null &&
          entry.workOrderId === null &&
          entry.kind !== 'moved',
      }
    })
    .reverse()
}
