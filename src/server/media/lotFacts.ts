import type { Hydraulics } from '../../core/bench'
import { type Amendment, blendEc, blendPh, type Crop, unreactedLime } from '../../core/chemistry'
import { heightForVolume } from '../../core/containers'
import { blendMedia, type Component, containerCapacity, type Material } from '../../core/media'
import type { LotMeasured } from '../../core/recondition'
import type { StoredCalibrationOfSample } from '../../data/bench/benchTests'
import type { StoredContainer } from '../../data/containers/containers'
import type { Lot } from '../../data/media/lots'
import { presentInnings } from '../../data/media/lots'
import type { MeasuredQuantity } from '../../data/media/lotTables'
import type { InningsMark, Reading, Stratum } from '../../messages/media/lots'
import { calibrationOfLot } from '../bench/calibrationOfLot'
import { dayAt } from '../clock'

/** All that is known or worked out of a lot for the screens, from its rows and the tables. */
export interface LotFacts {
  readonly lot: Lot
  readonly components: readonly Component[]
  readonly strata: readonly Stratum[]
  readonly innings: readonly InningsMark[]
  readonly containers: readonly StoredContainer[]
  /** The container that decides its air: the lowest one. */
  readonly container: StoredContainer | null
  readonly surfaceCm: number | null
  readonly crop: Crop | null
  readonly measured: LotMeasured
  /** How it holds and passes water: by its tests where it was tested, else by its composition; null when empty. */
  readonly hydraulics: (Hydraulics & { readonly testedOn: string | null }) | null
  readonly air: Reading | null
  readonly ph: Reading | null
  readonly ecSme: Reading | null
  /** What a jar test found; null where there was none. */
  readonly buffer: Reading | null
  /** Lime of earlier corrections that has not reacted yet, g CaCO3-equivalent per L. */
  readonly unreactedLimeGPerL: number
  readonly where: string
}

export interface Tables {
  readonly materials: ReadonlyMap<string, Material>
  readonly crops: ReadonlyMap<string, Crop>
  readonly amendments: ReadonlyMap<string, Amendment>
  readonly containers: readonly StoredContainer[]
  /** What tests made of lots, newest first. */
  readonly calibrations: readonly StoredCalibrationOfSample[]
  readonly timeZone: string
  /** ISO day at the site. */
  readonly today: string
}

export function lotFacts(lot: Lot, tables: Tables): LotFacts {
  const components = componentsOf(lot, tables.materials)
  const containers = tables.containers.filter(({ id }) => lot.containerIds.includes(id))
  const container = [...containers].sort((a, b) => a.fillHeightCm - b.fillHeightCm)[0] ?? null
  const room = containers.reduce((sum, { litres }) => sum + litres, 0)
  const filled = room > 0 ? Math.min(1, lot.contents.litres / room) : 0
  const surfaceCm = container ? surfaceOf(container, filled) : null
  const last = presentInnings(lot) ?? lot.innings[lot.innings.length - 1]
  const predicted = last?.predicted ?? null
  const reading = (quantity: MeasuredQuantity, estimate: () => number | null): Reading | null => {
    const found = lot.measurements.find(
      (one) =>
        one.quantity === quantity && (!last || dayAt(tables.timeZone, one.at) >= last.startedOn),
    )
    if (found) return { value: found.value, measuredOn: dayAt(tables.timeZone, found.at) }
    const value = estimate()
    return value === null ? null : { value, measuredOn: null }
  }
  const some = components.length > 0
  const hydraulics = hydraulicsOf(lot, components, tables)
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
  const unreactedLimeGPerL = unreactedLime({ events: limeEvents(lot, tables) })
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
      unreactedLimeGPerL,
    },
    hydraulics,
    air,
    ph,
    ecSme,
    buffer,
    unreactedLimeGPerL,
    where: whereOf(lot, containers),
  }
}

function hydraulicsOf(
  lot: Lot,
  components: readonly Component[],
  { calibrations, timeZone }: Tables,
): LotFacts['hydraulics'] {
  if (components.length === 0) return null
  const tested = calibrationOfLot(lot, calibrations, timeZone)
  const { curve, ksCmPerS } = tested?.measured ?? blendMedia({ components })
  // A drain test alone says little of the air: only a porosity test makes that measured.
  const testedOn = tested?.from.includes('porosity') ? dayAt(timeZone, tested.at) : null
  return { curve, ksCmPerS, testedOn }
}

/** Components by bulk volume; a lot that has been planted has no starter charge left. */
function componentsOf(lot: Lot, materials: ReadonlyMap<string, Material>): Component[] {
  const used = lot.innings.length > 0
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

function whereOf(lot: Lot, containers: readonly StoredContainer[]): string {
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
