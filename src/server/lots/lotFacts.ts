import type { Hydraulics } from '../../core/bench'
import {
  type Amendment,
  blendEc,
  blendPh,
  type Crop,
  type DoseEvent,
  unreactedLime,
} from '../../core/chemistry'
import { heightForVolume } from '../../core/containers'
import { type Component, containerCapacity, type Material } from '../../core/media'
import type { Found, LotMeasured, LotTriage, Schools } from '../../core/recondition'
import type { StoredCalibrationOfSample, ToldTest } from '../../data/bench'
import type { StoredContainer } from '../../data/containers'
import { type Lot, type LotCard, type MeasuredQuantity, presentInnings } from '../../data/media'
import type { StoredProblem } from '../../data/season'
import type { Site } from '../../data/site'
import type { InningsMark, Reading, Stratum } from '../../messages/media/lotViews'
import { dayAt } from '../clock'
import { agedMix, sunkShareOf } from './agedMix'
import { driftedPh, phByDoubtfulPen } from './expectedPh'
import { everFoundIn, foundIn } from './foundIn'
import { judgeLot } from './judgeLot'
import { componentsOf, strataOf } from './lotParts'
import { hydraulicsOf, measuredWaterOf } from './lotWater'
import { doseEvents } from './reserves'

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
    | (Hydraulics & {
        readonly testedOn: string | null
        readonly speedTested: boolean
        /** The last of the tests they were learnt from. */
        readonly testId?: number
      })
    | null
  readonly air: Reading | null
  readonly ph: Reading | null
  readonly ecSme: Reading | null
  /** What a jar test found; null where there was none. */
  readonly buffer: Reading | null
  readonly where: string
  /** What is in force of all that was found in it. */
  readonly found: readonly Found[]
  /** What may become of it for a crop planted next; null where nothing points at a problem. */
  readonly triage: LotTriage | null
}

/** All that is known or worked out of a lot: what its ledger tells as well. */
export interface LotFacts extends CardFacts {
  readonly lot: Lot
  /** Lime of earlier corrections that has not reacted yet, g CaCO3-equivalent per L. */
  readonly unreactedLimeGPerL: number
  /** What came, left and was weighed in, oldest first. */
  readonly doses: readonly DoseEvent[]
  /** ISO day that all this was worked out for. */
  readonly asOf: string
  /** All that was found in it and not taken back, in force or not. */
  readonly everFound: readonly Found[]
}

export interface Tables {
  readonly materials: ReadonlyMap<string, Material>
  readonly crops: ReadonlyMap<string, Crop>
  readonly problems: ReadonlyMap<string, StoredProblem>
  readonly amendments: ReadonlyMap<string, Amendment>
  /** In the order of their codes. */
  readonly containers: readonly StoredContainer[]
  readonly containersById: ReadonlyMap<number, StoredContainer>
  readonly timeZone: string
  /** ISO day at the site. */
  readonly today: string
  /** How this garden works. */
  readonly schools: Schools
  readonly site: Pick<Site, 'climateByMonth' | 'latitudeDeg' | 'tapWater'>
}

/** @param calibrations what tests made of lots, newest first; those of others are passed over */
export function lotFacts(
  lot: Lot,
  tables: Tables,
  calibrations: readonly StoredCalibrationOfSample[],
  tests: readonly ToldTest[],
): LotFacts {
  const facts = cardFacts(lot, tables, calibrations, tests)
  const doses = doseEvents(lot, tables)
  const unreactedLimeGPerL = unreactedLime({ events: doses })
  const measured = { ...facts.measured, unreactedLimeGPerL }
  const everFound = everFoundIn(lot, tests, tables)
  return { ...facts, lot, doses, everFound, asOf: tables.today, unreactedLimeGPerL, measured }
}

/** @param calibrations what tests made of lots, newest first; those of others are passed over */
export function cardFacts(
  lot: LotCard,
  tables: Tables,
  calibrations: readonly StoredCalibrationOfSample[],
  tests: readonly ToldTest[],
): CardFacts {
  const containers = lot.containerIds.flatMap((id) => tables.containersById.get(id) ?? [])
  const container = [...containers].sort((a, b) => a.fillHeightCm - b.fillHeightCm)[0] ?? null
  const { components, seasons, isAged } = agedMix(
    lot,
    componentsOf(lot, tables.materials),
    sunkShareOf(lot, container),
    tables,
  )
  const room = containers.reduce((sum, { litres }) => sum + litres, 0)
  const filled = room > 0 ? Math.min(1, lot.contents.litres / room) : 0
  const surfaceCm = container ? surfaceOf(container, filled) : null
  const last = presentInnings(lot) ?? lot.innings[lot.innings.length - 1]
  const predicted = last?.predicted ?? null
  const state = lot.carried
  const found = foundIn(lot, tests, tables)
  const reading = (quantity: MeasuredQuantity, estimate: () => number | null): Reading | null => {
    const read = lot.newest.find((one) => one.quantity === quantity && isOfThisMix(lot, one.at))
    if (read) {
      const measuredOn = dayAt(tables.timeZone, read.at)
      return { value: read.value, measuredOn, ...(read.testId && { testId: read.testId }) }
    }
    const value = estimate()
    return value === null ? null : { value, measuredOn: null }
  }
  const some = components.length > 0
  const hydraulics = hydraulicsOf(
    isAged ? null : lot.carried,
    lot,
    components,
    calibrations,
    tables.timeZone,
  )
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
      ? {
          value: airInPot,
          measuredOn: testedOn,
          ...(hydraulics?.testId && { testId: hydraulics.testId }),
        }
      : read
  const crop = last?.cropId ? (tables.crops.get(last.cropId) ?? null) : null
  const drifted =
    some && !state && !predicted
      ? driftedPh({ lot, crop, container, containers, components, seasons }, tables)
      : null
  const expectedPh = some
    ? (state?.ph ?? predicted?.ph ?? drifted ?? blendPh({ components }).ph)
    : null
  const doubted = found.find(({ kind, numbers }) => kind === 'ph' && numbers.doubted === 1)
  const doubtedPh = phByDoubtfulPen(expectedPh, doubted?.numbers.ph)
  const ph = reading('ph', () => doubtedPh?.value ?? expectedPh)
  const ecSme = reading('ecSme', () => (some ? (ecOf(lot) ?? blendEc({ components }).ecSme) : null))
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
    crop,
    measured: {
      ph: ph?.measuredOn
        ? ph.value
        : (doubtedPh?.value ?? state?.ph ?? predicted?.ph ?? drifted ?? undefined),
      ...(doubtedPh && !ph?.measuredOn ? { phSpread: doubtedPh.spread } : {}),
      ecSme: ecSme?.measuredOn ? ecSme.value : (ecOf(lot) ?? undefined),
      buffer: buffer?.value ?? state?.buffer,
    },
    hydraulics,
    measuredWater: measuredWaterOf(
      isAged ? null : lot.carried,
      hydraulics,
      air,
      container,
      surfaceCm,
    ),
    air,
    ph,
    ecSme,
    buffer,
    where: whereOf(lot, containers),
    found,
    triage: judgeLot({ lot, found }, tables),
  }
}

/** Salts as they were worked out at mixing; what was weighed in is used up or washed out when the season is over. */
function ecOf(lot: LotCard): number | null {
  if (!lot.carried) return null
  const isOver = lot.innings.length > 0 && !presentInnings(lot)
  return isOver ? lot.carried.ecMediaSme : lot.carried.ecSme
}

/** What was read before something was mixed in is of another mix. */
export function isOfThisMix({ mixedAt }: Pick<LotCard, 'mixedAt'>, at: Date): boolean {
  return mixedAt === null || at > mixedAt
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
