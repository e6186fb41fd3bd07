import type { Crop } from '../../core/chemistry'
import { heightForVolume } from '../../core/containers'
import { groupOfCrop } from '../../core/mixes'
import { daysAfterTrouble, mixDropCm, troubleAgain } from '../../core/recondition'
import { usableWater } from '../../core/season'
import type { StoredContainer } from '../../data/containers'
import { presentInnings } from '../../data/media'
import { intakesOfPots, lastHabit, type PotIntake, readOpenOrder } from '../../data/recondition'
import type { TroubleAt } from '../../data/season'
import { readSite, type Site } from '../../data/site'
import type {
  CropChoice,
  IntakePage,
  PotChoice,
  TroubleView,
} from '../../messages/recondition/turnover'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import {
  foundViews,
  type LotFacts,
  lotFamilies,
  problemChoices,
  readLotFacts,
  recentFamilies,
  type Tables,
  triageStory,
  triageView,
} from '../lots'
import { readTables } from '../tables'
import { troubleOf } from './buildRecipe'
import { wateringHabit } from './recipeInput'

export async function intakePage(db: OpenDatabase, lotId: number): Promise<IntakePage> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const facts = await readLotFacts(db, tables, lotId)
  const trouble = troubleView(
    await troubleOf(db, facts, facts.lot.containerIds),
    facts,
    tables,
    site,
  )
  return {
    lot: lotHead(facts),
    families: recentFamilies(await lotFamilies(db, facts.lot, tables), tables.today),
    crops: [...tables.crops.values()].map(cropChoice),
    pots: tables.containers
      .filter((pot) => pot.lotId === null || pot.lotId === lotId)
      .map((pot) => potChoice(pot, lotId)),
    openOrderId: (await readOpenOrder(db, lotId))?.id ?? null,
    found: foundViews(facts.found, tables),
    triage: triageView(facts.triage, tables),
    story: triageStory(facts, tables),
    problems: problemChoices(tables),
    trouble,
    answers: {
      ...toldBy(facts),
      looked: lookedAt(facts, await intakesOfPots(db, facts.lot.containerIds), site.timeZone),
      every: (await lastHabit(db, lotId)) ?? trouble?.everyDays ?? null,
    },
    usual: {
      share: tables.schools.compostShare,
      feed: tables.schools.feed,
      place: tables.schools.place,
      way: tables.schools.way,
    },
    standing: standingPlant(facts),
  }
}

/** What was seen again at a pot, and how long it should last where it dried out. */
export function troubleView(
  trouble: TroubleAt | null,
  { crop, hydraulics, surfaceCm }: Pick<LotFacts, 'crop' | 'hydraulics' | 'surfaceCm'>,
  { containersById }: Pick<Tables, 'containersById'>,
  site: Site,
): TroubleView | null {
  const kind = trouble && troubleAgain(trouble)
  const pot = trouble ? containersById.get(trouble.containerId) : undefined
  if (!trouble || !kind || !pot) return null
  const times = kind === 'wet' ? trouble.staysWet : trouble.driesFast
  const view = { kind, code: pot.code, times, everyDays: null }
  const habit = crop ? wateringHabit(1, crop, pot, site) : undefined
  if (kind === 'wet' || !habit || !hydraulics) return view
  const usable = usableWater({
    curve: hydraulics.curve,
    shape: pot.shape,
    fillHeightCm: Math.min(surfaceCm ?? pot.fillHeightCm, pot.fillHeightCm),
    refillSuctionCm: habit.refillSuctionCm,
  })
  return { ...view, everyDays: daysAfterTrouble(usable / habit.lossLPerDay, trouble) }
}

/** What somebody found in its pots since its mix was made: the mean drop, the toughest roots. */
export function lookedAt(
  { lot }: Pick<LotFacts, 'lot'>,
  intakes: readonly PotIntake[],
  timeZone: string,
): IntakePage['answers']['looked'] {
  const since = lot.mixedAt?.getTime() ?? 0
  const looks = intakes.filter((one) => one.lotId === lot.id && one.at.getTime() > since)
  const drops = looks.flatMap((one) =>
    one.levelDropCm === null ? [] : mixDropCm(one.levelDropCm, one),
  )
  const toughest = ROOTS.findLast((roots) => looks.some(({ rootMass }) => rootMass === roots))
  if (!toughest) return null
  return {
    dropCm: drops.length > 0 ? drops.reduce((sum, cm) => sum + cm, 0) / drops.length : null,
    roots: toughest,
    side: looks.some(({ runsDownSide }) => runsDownSide) ? 'yes' : 'no',
    years: looks.reduce<number | null>(
      (most, { years }) => (years === null ? most : Math.max(most ?? 0, years)),
      null,
    ),
    on: dayAt(timeZone, new Date(Math.max(...looks.map(({ at }) => at.getTime())))),
  }
}

const ROOTS = ['fine', 'dense', 'bound', 'woody'] as const

/** What tests answer already. */
export function toldBy({
  found,
}: Pick<LotFacts, 'found'>): Omit<IntakePage['answers'], 'every' | 'looked'> {
  const wetting = found.find(({ kind }) => kind === 'wetting')
  const dry = found.find(
    ({ problemId, state }) => problemId === 'water-repellent' && state === 'trouble',
  )
  const sieve = found.find(({ kind }) => kind === 'cleaning')
  const side = dry ?? wetting
  return {
    side: side ? (side.state === 'trouble' ? 'yes' : 'no') : null,
    sideOn: side?.on ?? null,
    sieveLossShare: sieve?.numbers.lossShare ?? null,
    sieveOn: sieve?.on ?? null,
  }
}

const LIVE_ON: readonly Crop['kind'][] = ['shrub', 'fruit', 'houseplant', 'succulent', 'epiphyte']
/** So many weeks in one pot: it is not tipped out with the season. */
const LONG_WEEKS = 100

/** A plant that stays: it is potted on or topped up, not tipped out. */
function standingPlant({ lot, crop, container }: LotFacts): IntakePage['standing'] {
  const present = presentInnings(lot)
  if (!crop || !present?.plantedOn) return null
  const staysForYears = LIVE_ON.includes(crop.kind) && crop.weeksInPot >= LONG_WEEKS
  return staysForYears
    ? {
        cropName: crop.name,
        plantGroup: groupOfCrop(crop),
        cropId: crop.id,
        potId: container?.id ?? null,
      }
    : null
}

export function lotHead(facts: LotFacts): IntakePage['lot'] {
  const { lot, crop } = facts
  return {
    id: lot.id,
    name: lot.name,
    litres: lot.contents.litres,
    where: facts.where,
    strata: facts.strata,
    innings: facts.innings,
    lastCropId: crop?.id ?? null,
    lastCropName: crop?.name ?? null,
    expectedDropCm: expectedDrop(facts),
  }
}

/** How far the surface has sunk below its fill height, if the ledger's litres stand in the containers evenly. */
export function expectedDrop({ container, containers, lot }: LotFacts): number | null {
  if (!container) return null
  const room = containers.reduce((sum, { litres }) => sum + litres, 0)
  const share = Math.min(1, lot.contents.litres / room)
  const height = heightForVolume({ shape: container.shape, litres: container.litres * share })
  return Math.max(0, container.fillHeightCm - height)
}

export function cropChoice(crop: Crop): CropChoice {
  return {
    id: crop.id,
    name: crop.name,
    rotationGroup: crop.rotationGroup,
    airMin: crop.airMinPercent / 100,
    airMax: crop.airMaxPercent / 100,
    pHLow: crop.pHLow,
    pHHigh: crop.pHHigh,
  }
}

export function potChoice(pot: StoredContainer, lotId: number): PotChoice {
  const { id, code, name, place, shape, headspaceCm, litres } = pot
  return { id, code, name, place, shape, headspaceCm, litres, own: pot.lotId === lotId }
}
