import { uniform32 } from './random32'
import type { CheckedDesign } from './simulatedDesign'

const PERCENT = 100
const GOLDEN = 0x9e3779b1
/** Of what a share could vary at most: beyond it trays would be all or nothing. */
const MOST_OF_VARIANCE = 0.9
/** A crop always brings something: its ratio stays defined. */
const LEAST_OF_CROP = 1

/** Uniform and normal numbers of one run: the same for every difference that is tried. */
class Draws {
  /** 0 to 1. */
  readonly uniform: () => number
  private spare: number | null = null

  constructor(seed: number, run: number) {
    this.uniform = uniform32(Math.imul(seed ^ Math.imul(run + 1, GOLDEN), GOLDEN))
  }

  /** By Box and Muller (1958). */
  normal(): number {
    const kept = this.spare
    if (kept !== null) {
      this.spare = null
      return kept
    }
    const radius = Math.sqrt(-2 * Math.log(1 - this.uniform()))
    const angle = 2 * Math.PI * this.uniform()
    this.spare = radius * Math.sin(angle)
    return radius * Math.cos(angle)
  }
}

/** Pots that are measured, percent of the control's mean: by treatment, the second is the one that differs. */
export function measuredPots(
  { treatments, pots, blocks, cv, blockCv }: CheckedDesign,
  seed: number,
  run: number,
): Float64Array[] {
  const draws = new Draws(seed, run)
  const ofBlock = Array.from({ length: pots }, () => (blocks ? blockCv * draws.normal() : 0))
  return Array.from({ length: treatments }, () =>
    Float64Array.from(ofBlock, (block) => PERCENT + block + cv * draws.normal()),
  )
}

/**
 * Seeds that come up, by treatment and tray: beta-binomial, by Pólya's urn, which for a lower share brings up no more of the
 * same seeds.
 * @param fallPercent by which the second treatment's share lies below the control's
 */
export function countedTrays(
  { treatments, pots, blocks, seeds, share, blockCv, trayCv }: CheckedDesign,
  fallPercent: number,
  seed: number,
  run: number,
): number[][] {
  const draws = new Draws(seed, run)
  const whole = share ?? 1
  const ofBlock = Array.from({ length: pots }, () => (blocks ? blockCv * draws.normal() : 0))
  return Array.from({ length: treatments }, (_, treatment) =>
    ofBlock.map((block) => {
      const percent = PERCENT + block - (treatment === 1 ? fallPercent : 0)
      const mean = Math.min(1, Math.max(0, (whole * percent) / PERCENT))
      const most = MOST_OF_VARIANCE * mean * (1 - mean)
      const variance = Math.min(most, ((trayCv / PERCENT) * whole) ** 2)
      // Seeds that the tray's luck is worth; endless where its trays are all alike.
      const worth = variance > 0 ? (mean * (1 - mean)) / variance - 1 : Number.POSITIVE_INFINITY
      let up = 0
      for (let sown = 0; sown < seeds; sown++) {
        const chance =
          worth === Number.POSITIVE_INFINITY ? mean : (mean * worth + up) / (worth + sown)
        if (draws.uniform() < chance) up += 1
      }
      return up
    }),
  )
}

/** Logarithms of treatment to control by crop, of the treatment that differs and of another that does not. */
export function ratiosOfCrops(
  { crops, pots, cv, treatments }: CheckedDesign,
  differencePercent: number,
  seed: number,
  run: number,
): number[][] {
  const draws = new Draws(seed, run)
  const spread = cv / Math.sqrt(pots)
  const mean = (percent: number) => Math.max(LEAST_OF_CROP, percent + spread * draws.normal())
  const controls = Array.from({ length: crops }, () => mean(PERCENT))
  return Array.from({ length: treatments - 1 }, (_, at) =>
    controls.map((control) =>
      Math.log(mean(PERCENT + (at === 0 ? differencePercent : 0)) / control),
    ),
  )
}
