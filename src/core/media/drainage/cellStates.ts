import { conductivityExponent, ENTRY_STEEPNESS, entryShare } from '../conductivity'
import type { MediaLayer } from '../layeredCapacity'
import { suctionAt } from '../retention'
import type { Grid } from './grid'

/** 1/cm: a wholly saturated column could not be solved without any give. */
const STORAGE = 1e-6
/** Share of the pores filled up to which a dry cell may be wetted, or a full one dried, in one iteration. */
const NEARLY_FULL = 0.98
/** Share of the pores filled below which a wet cell may not be dried in one iteration. */
const HALF_FULL = 0.6
/** Drier than this share of its pores a cell is updated by its water content, not its suction: suction runs away. */
const DRY_SATURATION = 0.85
const DRIEST_CM = 1e6
/** Nearer to zero than this is zero: powers of it would be lost in rounding. */
const ZERO_CM = 1e-12

/** What is the same for every cell of a layer, worked out once. */
interface LayerConstants {
  readonly curve: MediaLayer['curve']
  readonly range: number
  readonly m: number
  readonly ksCmPerS: number
  /** Of conductivity over saturation. */
  readonly exponent: number
  readonly entryCm: number | null
  readonly nearlyFullCm: number
  readonly halfFullCm: number
}

/**
 * Water content, conductivity and their slopes in every cell of a column, from its pressure heads, and the damped step
 * from one set of heads to the next.
 *
 * Powers are what takes the time, so they are taken as exponentials of logarithms (half the time of a general power) and
 * each but once: with x = (αh)ⁿ, saturation is (1 + x)⁻ᵐ and conductivity another power of the same 1 + x.
 */
export class CellStates {
  /** Pressure head, cm, negative for suction. */
  readonly psi: Float64Array
  /** cm³ of water in each cell. */
  readonly water: Float64Array
  /** cm³ more in a cell for each cm of head. */
  readonly capacity: Float64Array
  /** cm/s */
  readonly conductivity: Float64Array
  /** Change of conductivity with head, 1/s. */
  readonly slope: Float64Array
  private readonly constants: readonly LayerConstants[]

  constructor(
    private readonly grid: Grid,
    layers: readonly MediaLayer[],
  ) {
    const { cells } = grid
    this.psi = new Float64Array(cells)
    this.water = new Float64Array(cells)
    this.capacity = new Float64Array(cells)
    this.conductivity = new Float64Array(cells)
    this.slope = new Float64Array(cells)
    this.constants = layers.map(constantsOf)
  }

  /** Brings everything to the present heads. */
  evaluate(): void {
    const { cells, volume, layer } = this.grid
    const { psi, water, capacity, conductivity: k, slope } = this
    for (let i = 0; i < cells; i++) {
      const constants = this.constants[layer[i] as number] as LayerConstants
      const { thetaS, thetaR, alpha, n } = constants.curve
      const head = psi[i] as number
      const cell = volume[i] as number
      if (head > -ZERO_CM) {
        water[i] = cell * (thetaS + STORAGE * head)
        capacity[i] = cell * STORAGE
        k[i] = constants.ksCmPerS
        slope[i] = 0
        continue
      }
      const h = -head
      const x = Math.exp(n * Math.log(alpha * h))
      const logY = -constants.m * Math.log(1 + x)
      const y = Math.exp(logY)
      water[i] = cell * (thetaR + constants.range * y)
      const steep = (constants.m * n * x) / (h * (1 + x))
      capacity[i] = cell * (STORAGE + constants.range * y * steep)
      const moist = constants.ksCmPerS * Math.exp(constants.exponent * logY)
      if (constants.entryCm === null) {
        k[i] = moist
        slope[i] = constants.exponent * moist * steep
        continue
      }
      const share = entryShare(h, constants.entryCm)
      k[i] = moist * share
      // With head: the share falls with suction by 16 (1 − share) / h of itself.
      slope[i] = moist * share * (constants.exponent * steep + (ENTRY_STEEPNESS * (1 - share)) / h)
    }
  }

  /**
   * Newton's step, or a share of it. In dry cells it is taken in water content, whose curve is the straighter one
   * there; in wet cells no step may cross far over the bend at saturation at once.
   */
  advance(step: Float64Array, share: number): void {
    const { cells, volume, layer } = this.grid
    const { psi } = this
    for (let i = 0; i < cells; i++) {
      const constants = this.constants[layer[i] as number] as LayerConstants
      const { curve, range, nearlyFullCm, halfFullCm } = constants
      const head = psi[i] as number
      const change = share * (step[i] as number)
      const theta = (this.water[i] as number) / (volume[i] as number)
      if (head < 0 && theta - curve.thetaR < DRY_SATURATION * range) {
        const next = theta + ((this.capacity[i] as number) / (volume[i] as number)) * change
        const lowest = curve.thetaR + 1e-9 * range
        psi[i] =
          next >= curve.thetaR + NEARLY_FULL * range
            ? -nearlyFullCm
            : -Math.min(
                DRIEST_CM,
                suctionOf(constants, (Math.max(lowest, next) - curve.thetaR) / range),
              )
        continue
      }
      psi[i] = Math.max(head >= 0 ? -nearlyFullCm : -halfFullCm, head + change)
    }
  }
}

/** Suction at which so much of the pores is filled, cm. */
function suctionOf({ curve, m }: LayerConstants, saturation: number): number {
  const x = Math.exp(-Math.log(saturation) / m) - 1
  return Math.exp(Math.log(x) / curve.n) / curve.alpha
}

function constantsOf({ curve, ksCmPerS, entryCm = null }: MediaLayer): LayerConstants {
  const range = curve.thetaS - curve.thetaR
  return {
    curve,
    range,
    m: 1 - 1 / curve.n,
    ksCmPerS,
    exponent: conductivityExponent(curve.n),
    entryCm,
    nearlyFullCm: suctionAt(curve, curve.thetaR + NEARLY_FULL * range),
    halfFullCm: suctionAt(curve, curve.thetaR + HALF_FULL * range),
  }
}
