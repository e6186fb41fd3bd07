import type { Hydraulics } from '../../core/bench'
import { type Amendment, blendEc, blendPh, type Crop, unreactedLime } from '../../core/chemistry'
import { heightForVolume } from '../../core/containers'
import { blendMedia, type Component, containerCapacity, type Material } from '../../core/media'
import type { LotMeasured } from '../../core/recondition'
import type { StoredCalibrationOfSample } from '../../data/bench'
import type { StoredContainer } from '../../data/containers'
import { type Lot, type LotCard, type MeasuredQuantity, presentInnings } from '../../data/media'
import type { InningsMark, Reading, Stratum } from '../../messages/media/lots'
import { dayAt } from '../clock'
import { calibrationOfLot } from './calibrationOfLot'

/** What is known or worked out of a lot for lists, from its rows and the tables. */
export interface CardFacts {
  readonly lot: LotCard
  readonly components: readonly Component[]
  readonly strata: readonly Stratum[]
  readonly innings: readonly InningsMark[]
  readonly containers: readonly StoredContainer[]
  /** The container that decides its air: the lowest one. */
  readonly container: StoredContainer | null
  readonly surfaceCm: number | null
  readonly crop: Crop | null
  readonly measured: LotMeasured
  /** What its tests found of air, pores and speed, in the form a recipe takes them; empty where it was not tested. */
  readonly measuredWater: LotMeasured
  /** How it holds and passes water: by its tests where it was tested, else by its composition; null when empty. */
  readonly hydraulics:
    | (Hydraulics & { readonly testedOn: string | null; readonly speedTested: boolean })
    | null
  readonly air: Reading | null
  readonly ph: Reading | null
  readonly ecSme: Reading | null
  /** What a jar test found; null where there was none. */
  readonly buffer: Reading | null
  readonly where: string
}

/** All that is known or worked out of a lot: what its ledger tells as well. */
export interface LotFacts extends CardFacts {
  readonly lot: Lot
  /** Lime of earlier corrections that has not reacted yet, g CaCO3-equivalent per L. */
  readonly unreactedLimeGPerL: number
}

export interface Tables {
  readonly materials: ReadonlyMap<string, Material>
  readonly crops: ReadonlyMap<string, Crop>
  readonly amendments: ReadonlyMap<string, Amendment>
  /** In the order of their codes. */
  readonly containers: readonly StoredContainer[]
  readonly containersById: ReadonlyMap<number, StoredContainer>
  readonly timeZone: string
  /** ISO day at the site. */
  readonly today: string
}

/** @param calibrations what tests made of lots, newest first; those of others are passed over */
export function lotFacts(
  lot: Lot,
  tables: Tables,
  calibrations: readonly StoredCalibrationOfSample[],
): LotFacts {
  const facts = cardFacts(lot, tables, calibrations)
  const unreactedLimeGPerL = unreactedLime({ events: limeEvents(lot, tables) })
  return { ...facts, lot, unreactedLimeGPerL, measured: { ...facts.measured, unreactedLimeGPerL } }
}

/** @param calibrations what tests made of lots, newest first; those of others are passed over */
export function cardFacts(
  lot: LotCard,
  tables: Tables,
  calibrations: readonly StoredCalibrationOfSample[],
): CardFacts {
  const components = componentsOf(lot, tables.materials)
  const containers = lot.containerIds.flatMap((id) => tables.containersById.get(id) ?? [])
  const container = [...containers].sort((a, b) => a.fillHeightCm - b.fillHeightCm)[0] ?? null
  const room = containers.reduce((sum, { litres }) => sum + litres, 0)
  const filled = room > 0 ? Math.min(1, lot.contents.litres / room) : 0
  const surfaceCm = container ? surfaceOf(container, filled) : null
  const last = presentInnings(lot) ?? lot.innings[lot.innings.length - 1]
  const predicted = last?.predicted ?? null
  const reading = (quantity: MeasuredQuantity, estimate: () => number | null): Reading | null => {
    const found = lot.newest.find(
      (one) =>
        one.quantity === quantity && (!last || dayAt(tables.timeZone, one.at) >= last.startedOn),
    )
    if (found) return { value: found.value, measuredOn: dayAt(tables.timeZone, found.at) }
    const value = estimate()
    return value === null ? null : { value, measuredOn: null }
  }
  const some = components.length > 0
  const hydraulics = hydraulicsOf(lot, components, calibrations, tables.timeZone)
  const airInPot =
    container && surfaceCm && hydraulics
      ? containerCapacity({
          curve: hydraulics.curve,
          shape: container.shape,
          fillHeightCm: surfaceCm,
        }).airFraction
      : null
  const testedOn = hydraulics?.testedOn ?? null
  const read = reading('airFraction', () => airInPot)
  // A test in another pot counts here through the model; the newer of the two is told.
  const air =
    testedOn !== null && airInPot !== null && testedOn >= (read?.measuredOn ?? '')
      ? { value: airInPot, measuredOn: testedOn }
      : read
  const ph = reading('ph', () => (some ? (predicted?.ph ?? blendPh({ components }).ph) : null))
  const ecSme = reading('ecSme', () => (some ? blendEc({ components }).ecSme : null))
  const buffer = reading('buffer', () => null)
  return {
    lot,
    components,
    strata: strataOf(components),
    innings: lot.innings.map((one) => ({
      number: one.number,
      cropName: one.cropId ? (tables.crops.get(one.cropId)?.name ?? null) : null,
      season: Number(one.startedOn.slice(0, 4)),
      outcome: one.outcome,
      open: one.endedOn === null,
    })),
    containers,
    container,
    surfaceCm,
    crop: last?.cropId ? (tables.crops.get(last.cropId) ?? null) : null,
    measured: {
      ph: ph?.measuredOn ? ph.value : (predicted?.ph ?? undefined),
      ecSme: ecSme?.measuredOn ? ecSme.value : undefined,
      buffer: buffer?.value,
    },
    hydraulics,
    measuredWater: measuredWaterOf(hydraulics, air, container, surfaceCm),
    air,
    ph,
    ecSme,
    buffer,
    where: whereOf(lot, containers),
  }
}

function hydraulicsOf(
  lot: LotCard,
  components: readonly Component[],
  calibrations: readonly StoredCalibrationOfSample[],
  timeZone: string,
): CardFacts['hydraulics'] {
  if (components.length === 0) return null
  const tested = calibrationOfLot(lot, calibrations, timeZone)
  const { curve, ksCmPerS } = tested?.measured ?? blendMedia({ components })
  // A drain test alone says little of the air: only a porosity test makes that measured.
  const testedOn = tested?.from.includes('porosity') ? dayAt(timeZone, tested.at) : null
  return { curve, ksCmPerS, testedOn, speedTested: tested?.from.includes('drain') ?? false }
}

/** The column of a test on a lot that stands in no container now. */
const USUAL_COLUMN = {
  shape: { kind: 'round', topDiameterCm: 14, baseDiameterCm: 14, heightCm: 15 },
  fillHeightCm: 13,
} as const

function measuredWaterOf(
  hydraulics: CardFacts['hydraulics'],
  air: Reading | null,
  container: StoredContainer | null,
  surfaceCm: number | null,
): LotMeasured {
  if (!hydraulics) return {}
  const { curve, ksCmPerS, testedOn, speedTested } = hydraulics
  const column =
    container && surfaceCm
      ? { shape: container.shape, fillHeightCm: Math.min(surfaceCm, container.shape.heightCm) }
      : USUAL_COLUMN
  const place = { columnShape: column.shape, fillHeightCm: column.fillHeightCm }
  return {
    ...(testedOn !== null
      ? {
          airFraction: containerCapacity({ curve, ...column }).airFraction,
          totalPorosity: curve.thetaS,
          ...place,
        }
      : air?.measuredOn && container && surfaceCm
        ? { airFraction: air.value, ...place }
        : {}),
    ...(speedTested ? { ksCmPerS } : {}),
  }
}

/** A bag or an own mix that nothing grew in; what was left over of an old mix has no innings of its own, but is old. */
export function isNeverPlanted({ innings, origin }: Pick<LotCard, 'innings' | 'origin'>): boolean {
  return innings.length === 0 && (origin === 'bag' || origin === 'own recipe')
}

/** Components by bulk volume; a lot that has been planted has no starter charge left. */
function componentsOf(lot: LotCard, materials: ReadonlyMap<string, Material>): Component[] {
  const used = !isNeverPlanted(lot)
  return lot.contents.components.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId)
    if (!material) return []
    return [{ material, parts: litres, measured: used ? { starterNMgPerL: 0 } : {} }]
  })
}

export function strataOf(components: readonly Component[]): Stratum[] {
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  return components.map(({ material, parts }) => ({
    materialId: material.id,
    name: material.name,
    group: material.group,
    grainMm: material.grainMm,
    share: total > 0 ? parts / total : 0,
  }))
}

/** Where the surface stands when a container is filled to a share of its usual volume. */
function surfaceOf({ shape, litres }: StoredContainer, filled: number): number {
  return heightForVolume({ shape, litres: litres * filled })
}

function whereOf(lot: LotCard, containers: readonly StoredContainer[]): string {
  const [first] = containers
  if (!first) return lot.storeBin ?? ''
  return [...new Set(containers.map(({ place }) => place))].join(', ')
}

/** The ledger as the lime sees it: litres in and out, and what was mixed in. */
function limeEvents({ ledger }: Lot, { amendments, timeZone, today }: Tables) {
  return ledger.map(({ at, litres, doses }) => ({
    daysAgo: daysBetween(dayAt(timeZone, at), today),
    litres,
    doses: doses.flatMap(({ amendmentId, grams }) => {
      const amendment = amendments.get(amendmentId)
      return amendment ? [{ amendment, grams }] : []
    }),
  }))
}

function daysBetween(from: string, to: string): number {
  return Math.max(0, Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000))
}
