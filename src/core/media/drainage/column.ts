import type { MediaLayer } from '../layeredCapacity'
import { CellStates } from './cellStates'
import { conductivitySlope } from './conductivitySlope'
import { type Edges, flowIn, flowOut } from './edges'
import type { Grid } from './grid'

const NEWTON_MOST = 12
const PICARD_MOST = 40
/** Error in a cell's water content at which a stage counts as solved. */
const THETA_SOLVED = 2e-6

/**
 * A column of media and what flows through it: Richards' equation in its mass-conservative mixed form (Celia,
 * Bouloutas & Zarba 1990), finite volumes, Newton's method on one implicit stage at a time.
 *
 * Typed arrays are made once and plain loops run over them: a day of drainage takes some hundred thousand of these
 * cell updates, and it has to feel instant.
 */
export class Column {
  /** cm³/s into each cell at the state last evaluated. */
  readonly inflow: Float64Array
  /** cm³/s out of the base. */
  outflow = 0
  /** cm³/s through the surface, downwards. */
  infiltration = 0

  private readonly states: CellStates
  private readonly lower: Float64Array
  private readonly diagonal: Float64Array
  private readonly upper: Float64Array
  private readonly residual: Float64Array
  private readonly step: Float64Array
  private outflowSlope = 0
  private infiltrationSlope = 0

  constructor(
    private readonly grid: Grid,
    private readonly layers: readonly MediaLayer[],
    private readonly edges: Edges,
  ) {
    const { cells } = grid
    this.states = new CellStates(grid, layers)
    this.inflow = new Float64Array(cells)
    this.lower = new Float64Array(cells)
    this.diagonal = new Float64Array(cells)
    this.upper = new Float64Array(cells)
    this.residual = new Float64Array(cells)
    this.step = new Float64Array(cells)
  }

  /** Pressure heads, cm; may be set to start from. */
  get psi(): Float64Array {
    return this.states.psi
  }

  /** cm³ of water in each cell at the state last evaluated. */
  get water(): Float64Array {
    return this.states.water
  }

  /** Flows between cells, through the base and the surface, and (for Newton) how they change. */
  private flows(stageS: number, pondMl: number, supplyMlPerS: number, matrix: boolean): void {
    const { cells, dz, areaAbove, layer } = this.grid
    const { psi, conductivity, slope } = this.states
    const { inflow } = this
    inflow.fill(0)
    for (let i = 0; i < cells - 1; i++) {
      const j = i + 1
      const half = 0.5 * (dz[i] as number)
      const halfAbove = 0.5 * (dz[j] as number)
      const distance = half + halfAbove
      const drive = ((psi[j] as number) - (psi[i] as number)) / distance + 1
      let k: number
      let kSlopeHere = 0
      let kSlopeAbove = 0
      if (layer[i] === layer[j]) {
        k = 0.5 * ((conductivity[i] as number) + (conductivity[j] as number))
        kSlopeHere = 0.5 * (slope[i] as number)
        kSlopeAbove = 0.5 * (slope[j] as number)
      } else {
        // Between layers: both half cells in series, each at the pressure upstream.
        const down = drive > 0
        const head = (down ? psi[j] : psi[i]) as number
        const here = conductivitySlope(this.layers[layer[i] as number] as MediaLayer, head)
        const above = conductivitySlope(this.layers[layer[j] as number] as MediaLayer, head)
        k = distance / (half / here.k + halfAbove / above.k)
        const kSlope =
          ((k * k) / distance) *
          ((half * here.slope) / (here.k * here.k) +
            (halfAbove * above.slope) / (above.k * above.k))
        if (down) kSlopeAbove = kSlope
        else kSlopeHere = kSlope
      }
      const area = areaAbove[i] as number
      // Downwards: out of the cell above into this one.
      const flow = area * k * drive
      inflow[i] = (inflow[i] as number) + flow
      inflow[j] = (inflow[j] as number) - flow
      if (matrix) {
        const byHere = area * (kSlopeHere * drive - k / distance)
        const byAbove = area * (kSlopeAbove * drive + k / distance)
        this.diagonal[i] = (this.diagonal[i] as number) - stageS * byHere
        this.upper[i] = -stageS * byAbove
        this.diagonal[j] = (this.diagonal[j] as number) + stageS * byAbove
        this.lower[j] = stageS * byHere
      }
    }
    this.base()
    inflow[0] = (inflow[0] as number) - this.outflow
    this.surface(stageS, pondMl, supplyMlPerS)
    inflow[cells - 1] = (inflow[cells - 1] as number) + this.infiltration
    if (matrix) {
      this.diagonal[0] = (this.diagonal[0] as number) + stageS * this.outflowSlope
      this.diagonal[cells - 1] =
        (this.diagonal[cells - 1] as number) - stageS * this.infiltrationSlope
    }
  }

  private base(): void {
    const { dz, baseArea } = this.grid
    const { ksCmPerS } = this.layers[0] as MediaLayer
    const { flow, slope } = flowOut({
      head: this.states.psi[0] as number,
      conductivity: this.states.conductivity[0] as number,
      conductivitySlope: this.states.slope[0] as number,
      ksCmPerS,
      areaCm2: baseArea,
      halfCm: 0.5 * (dz[0] as number),
      ...this.edges,
    })
    this.outflow = flow
    this.outflowSlope = slope
  }

  private surface(stageS: number, pondMl: number, supplyMlPerS: number): void {
    const { cells, dz, areaAbove, layer } = this.grid
    const top = cells - 1
    const { ksCmPerS } = this.layers[layer[top] as number] as MediaLayer
    const { flow, slope } = flowIn({
      head: this.states.psi[top] as number,
      ksCmPerS,
      areaCm2: areaAbove[top] as number,
      halfCm: 0.5 * (dz[top] as number),
      stageS,
      pondMl,
      supplyMlPerS,
    })
    this.infiltration = flow
    this.infiltrationSlope = slope
  }

  /** Water and flows at the present heads. */
  refresh(stageS: number, pondMl: number, supplyMlPerS: number): void {
    this.states.evaluate()
    this.flows(stageS, pondMl, supplyMlPerS, false)
  }

  /**
   * Solves water(ψ) − stageS · inflow(ψ) = base for the heads: Newton's method, and where that circles (conductivity
   * bends sharply next to saturation) once more with the slope of conductivity left out (Picard's method), which
   * creeps but does not circle.
   * @param base cm³ in each cell
   * @param start heads to begin from
   * @returns how many iterations it took, or 0 where it did not come to an end
   */
  solve(
    base: Float64Array,
    start: Float64Array,
    stageS: number,
    pondMl: number,
    supplyMlPerS: number,
  ): number {
    const newton = this.iterate(base, stageS, pondMl, supplyMlPerS, NEWTON_MOST, true)
    if (newton > 0) return newton
    this.psi.set(start)
    const picard = this.iterate(base, stageS, pondMl, supplyMlPerS, PICARD_MOST, false)
    return picard > 0 ? NEWTON_MOST : 0
  }

  private iterate(
    base: Float64Array,
    stageS: number,
    pondMl: number,
    supplyMlPerS: number,
    most: number,
    newton: boolean,
  ): number {
    const { cells, volume } = this.grid
    const { water } = this.states
    let before = Number.POSITIVE_INFINITY
    for (let iteration = 1; iteration <= most; iteration++) {
      this.states.evaluate()
      if (!newton) this.states.slope.fill(0)
      this.diagonal.set(this.states.capacity)
      this.lower.fill(0)
      this.upper.fill(0)
      this.flows(stageS, pondMl, supplyMlPerS, true)
      let worst = 0
      for (let i = 0; i < cells; i++) {
        const wrong =
          (water[i] as number) - (base[i] as number) - stageS * (this.inflow[i] as number)
        this.residual[i] = -wrong
        worst = Math.max(worst, Math.abs(wrong) / (volume[i] as number))
      }
      if (!Number.isFinite(worst)) return 0
      if (worst <= THETA_SOLVED) return iteration
      if (!this.eliminate()) return 0
      // Where a step made it worse, the next one is taken by half: two states may be circling each other.
      this.states.advance(this.step, iteration > 2 && worst > 0.7 * before ? 0.5 : 1)
      before = worst
    }
    return 0
  }

  /** Thomas' algorithm on the three diagonals. */
  private eliminate(): boolean {
    const { cells } = this.grid
    const { lower, diagonal, upper, residual, step } = this
    for (let i = 1; i < cells; i++) {
      const above = diagonal[i - 1] as number
      if (above === 0) return false
      const factor = (lower[i] as number) / above
      diagonal[i] = (diagonal[i] as number) - factor * (upper[i - 1] as number)
      residual[i] = (residual[i] as number) - factor * (residual[i - 1] as number)
    }
    for (let i = cells - 1; i >= 0; i--) {
      const next = i === cells - 1 ? 0 : (upper[i] as number) * (step[i + 1] as number)
      step[i] = ((residual[i] as number) - next) / (diagonal[i] as number)
      if (!Number.isFinite(step[i])) return false
    }
    return true
  }
}
