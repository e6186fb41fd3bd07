import { blendMedia, type Component, containerCapacity, withMeasuredWater } from '../../core/media'
import type { LotMeasured, MixState } from '../../core/recondition'
import type { StoredCalibrationOfSample } from '../../data/bench'
import type { StoredContainer } from '../../data/containers'
import type { LotCard } from '../../data/media'
import type { Reading } from '../../messages/media/lotViews'
import { dayAt } from '../clock'
import { calibrationOfLot } from './calibrationOfLot'
import type { CardFacts } from './lotFacts'
import { sharesOf } from './lotParts'

/** How a lot holds and passes water: by its tests where it was tested, else by its composition. */
export function hydraulicsOf(
  carried: MixState | null,
  lot: LotCard,
  components: readonly Component[],
  calibrations: readonly StoredCalibrationOfSample[],
  timeZone: string,
): CardFacts['hydraulics'] {
  if (components.length === 0) return null
  const tested = calibrationOfLot(lot, calibrations)
  const { curve, ksCmPerS } =
    tested?.measured ??
    blendMedia({
      components: carried ? withMeasuredWater(sharesOf(components), carried) : components,
    })
  // A drain test alone says little of the air: only a porosity test makes that measured.
  const testedOn = tested?.from.includes('porosity') ? dayAt(timeZone, tested.at) : null
  const testId = tested?.testIds.at(-1)
  return {
    curve,
    ksCmPerS,
    testedOn,
    speedTested: tested?.from.includes('drain') ?? false,
    ...(testId && { testId }),
  }
}

/** The column of a test on a lot that stands in no container now. */
export const USUAL_COLUMN = {
  shape: { kind: 'round', topDiameterCm: 14, baseDiameterCm: 14, heightCm: 15 },
  fillHeightCm: 13,
} as const

/** What its tests found, in the form a recipe takes it; else what it was worked out to be when it was mixed. */
export function measuredWaterOf(
  carried: MixState | null,
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
  const isTested = testedOn !== null || (air?.measuredOn && container && surfaceCm)
  if (carried && !isTested && !speedTested) return waterOf(carried)
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

function waterOf(state: MixState): LotMeasured {
  const { airFraction, columnShape, fillHeightCm, totalPorosity, ksCmPerS } = state
  return { airFraction, columnShape, fillHeightCm, totalPorosity, ksCmPerS }
}
