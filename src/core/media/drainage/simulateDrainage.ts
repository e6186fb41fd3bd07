import { DomainError } from '../../errors'
import type { MediaLayer } from '../layeredCapacity'
import { broughtByPours, isAtRest, timesOf } from './broughtByPours'
import { Column } from './column'
import { type DrainageInput, type Pour, requireDrainage } from './drainageInput'
import { type Grid, gridOf } from './grid'
import { startHeads } from './startHeads'

export interface Drainage {
  readonly outflow: { readonly tS: readonly number[]; readonly ml: readonly number[] }
  /**
   * When the first millilitre has run out, counted from 0; null where it never has. Where the start is not at rest (just
   * watered, saturated) only what the pours bring counts: else a tall pot drips at once with water of the time before.
   */
  readonly firstDripS: number | null
  /** When so much has run out, counted alike; null where it never has. */
  readonly timeToMl: (ml: number) => number | null
  readonly drainedMl: number
  readonly overflowMl: number
  readonly retainedMl: number
  /** How long water stood more than half a millimetre on the surface, s. */
  readonly pondedS: number
  readonly layerMeanTheta: readonly number[]
  readonly profiles: readonly {
    readonly tS: number
    readonly z: readonly number[]
    readonly theta: readonly number[]
    /** Water standing on the surface, cm. */
    readonly pondCm: number
    /** Run out by then, mL. */
    readonly drainedMl: number
  }[]
  readonly massBalanceError: number
  readonly steps: number
}

/** Diagonal coefficient of the second-order, L-stable, two-stage SDIRK scheme (Alexander 1977). */
const GAMMA = 1 - Math.SQRT1_2
const STEPS_MOST = 40_000
const STEPS_TOLD = 64
const SHORTEST_S = 1e-7
/** Water that meets dust-dry media flows without bound at first: so short a step is taken as it comes. */
const SHORTEST_CHECKED_S = 1e-5
/** Error allowed in the water content of a cell in one step. */
const THETA_TOLERANCE = 1.5e-3
const POND_COUNTS_CM = 0.05

/**
 * Water moving through a fill in time: Richards' equation in one dimension with the container's own cross-section
 * (Celia, Bouloutas & Zarba 1990; conductivity by Mualem 1976 for Brooks–Corey pores), second order in time with
 * error control. No evaporation.
 * @throws DomainError for impossible input; `not-converged` where no step, however short, could be solved
 * @example simulateDrainage({ shape, layers: [{ thicknessCm: 17.5, curve, ksCmPerS: 0.03 }], headspaceCm: 2.5, pours: [{ atS: 0, millilitres: 1500, durationS: 20 }], initial: { kind: 'drained' }, endS: 900 })
 */
export function simulateDrainage(input: DrainageInput): Drainage {
  requireDrainage(input)
  const isPoured = input.pours.some(({ millilitres }) => millilitres > 0)
  const whole = simulated(input)
  if (isAtRest(input)) return whole
  if (!isPoured) {
    return input.initial.kind === 'watered'
      ? { ...whole, firstDripS: null, timeToMl: () => null }
      : whole
  }
  const { onProgress: _, profileTimesS: __, ...quiet } = input
  const before = simulated({ ...quiet, pours: [] })
  return { ...whole, ...timesOf(broughtByPours(whole.outflow, before.outflow)) }
}

function simulated(input: DrainageInput): Drainage {
  const { shape, layers, headspaceCm, pours, endS, baseOffsetCm = 0 } = input
  const grid = gridOf(shape, layers, baseOffsetCm, input.fineness ?? 1)
  const column = new Column(grid, layers, {
    holeAreaCm2: input.holeAreaCm2 ?? null,
    waterTableCm: input.waterTableCm ?? null,
  })
  startHeads(column, grid, input)
  const plan = { layers, headspaceCm, thetaTolerance: THETA_TOLERANCE * (input.tolerance ?? 1) }
  if (input.initial.kind === 'watered') {
    // What runs out meanwhile is the end of the watering before.
    run(column, grid, {
      ...plan,
      pours: [],
      endS: input.initial.restS,
      profileTimesS: [],
      onProgress: undefined,
    })
  }
  return run(column, grid, {
    ...plan,
    pours,
    endS,
    profileTimesS: [...(input.profileTimesS ?? [])].sort((a, b) => a - b),
    onProgress: input.onProgress,
  })
}

interface Run {
  readonly layers: readonly MediaLayer[]
  readonly pours: readonly Pour[]
  readonly endS: number
  readonly headspaceCm: number
  readonly profileTimesS: readonly number[]
  readonly thetaTolerance: number
  readonly onProgress: ((share: number) => void) | undefined
}

function run(column: Column, grid: Grid, plan: Run): Drainage {
  const { cells, volume, areaAbove } = grid
  const { pours, endS, headspaceCm, thetaTolerance } = plan
  const surface = areaAbove[cells - 1] as number
  const before = new Float64Array(cells)
  const booked = new Float64Array(cells)
  const stageHeads = new Float64Array(cells)
  const headsBefore = new Float64Array(cells)
  const base = new Float64Array(cells)
  const firstInflow = new Float64Array(cells)
  const halts = haltsOf(plan)
  const tS: number[] = [0]
  const ml: number[] = [0]
  const profiles: Drainage['profiles'][number][] = []

  let t = 0
  let pond = 0
  let out = 0
  let overflow = 0
  let pondedS = 0
  let steps = 0
  let halt = 0
  let dt = 0.05
  column.refresh(dt, pond, 0)
  booked.set(column.water)
  const startWater = sum(column.water)
  let outRate = 0
  const keepProfile = () => {
    if (!plan.profileTimesS.some((wanted) => Math.abs(wanted - t) < 1e-9)) return
    const theta = Array.from(column.water, (water, i) => water / (volume[i] as number))
    profiles.push({
      tS: t,
      z: Array.from(grid.z),
      theta,
      pondCm: pond / surface,
      drainedMl: out,
    })
  }
  keepProfile()

  while (t < endS - 1e-9) {
    if (++steps > STEPS_MOST) throw notConverged(t, 'it took too many steps')
    if (steps % STEPS_TOLD === 0) plan.onProgress?.(t / endS)
    while ((halts[halt] as number) <= t + 1e-9) halt++
    const stop = halts[halt] as number
    const step = Math.min(dt, stop - t)
    // A remainder shorter than half a step would waste the next one.
    const length = stop - t - step < 0.5 * step && stop - t - step > 0 ? 0.5 * (stop - t) : step
    const supply = supplyAt(pours, t + 0.5 * length)
    before.set(booked)
    headsBefore.set(column.psi)
    const stageS = GAMMA * length

    let iterations = column.solve(before, headsBefore, stageS, pond, supply)
    let failed = iterations === 0
    let error = 0
    let pondNext = pond
    let flowOut = 0
    if (!failed) {
      firstInflow.set(column.inflow)
      const firstOut = column.outflow
      const firstIn = column.infiltration
      const rest = (1 - GAMMA) * length
      for (let i = 0; i < cells; i++)
        base[i] = (before[i] as number) + rest * (firstInflow[i] as number)
      // May fall below nothing between the stages; the second one brings it back.
      const pondBase = pond + rest * (supply - firstIn)
      stageHeads.set(column.psi)
      const second = column.solve(base, stageHeads, stageS, pondBase, supply)
      failed = second === 0
      iterations = Math.max(iterations, second)
      if (!failed) {
        flowOut = rest * firstOut + stageS * column.outflow
        pondNext = pondBase + stageS * (supply - column.infiltration)
        for (let i = 0; i < cells; i++) {
          const difference = (column.inflow[i] as number) - (firstInflow[i] as number)
          error = Math.max(error, Math.abs((stageS * difference) / (volume[i] as number)))
        }
        error /= thetaTolerance
      }
    }

    if (failed || (error > 2.5 && length > SHORTEST_CHECKED_S)) {
      column.psi.set(headsBefore)
      dt = length * (failed ? 0.25 : Math.max(0.25, 0.85 / Math.sqrt(error)))
      if (dt < SHORTEST_S) throw notConverged(t, 'no step was short enough')
      continue
    }
    // What was solved only to a tolerance is booked by the flows, so that its error does not add up.
    for (let i = 0; i < cells; i++) {
      booked[i] = (base[i] as number) + stageS * (column.inflow[i] as number)
    }
    t += length
    const rateNow = column.outflow
    if (flowOut > 0.2) {
      // One more point, so that reading times between steps by straight lines stays true.
      tS.push(t - 0.5 * length)
      ml.push(out + 0.5 * flowOut + (length / 8) * (outRate - rateNow))
    }
    outRate = rateNow
    out += flowOut
    tS.push(t)
    ml.push(out)
    pond = pondNext
    if (pond > headspaceCm * surface) {
      overflow += pond - headspaceCm * surface
      pond = headspaceCm * surface
    }
    if (pond > POND_COUNTS_CM * surface) pondedS += length
    keepProfile()
    const growth = error > 0 ? 0.9 / Math.sqrt(error) : 2
    dt = length * Math.min(iterations > 8 ? 0.8 : 2, Math.max(0.4, growth))
  }

  const poured = pours.reduce((total, { millilitres }) => total + millilitres, 0)
  const endWater = sum(column.water)
  const missing = startWater + poured - out - overflow - pond - endWater
  return {
    outflow: { tS, ml },
    ...timesOf({ tS, ml }),
    drainedMl: out,
    overflowMl: overflow,
    retainedMl: poured - out - overflow,
    pondedS,
    layerMeanTheta: layerMeans(column, grid, plan.layers.length),
    profiles,
    massBalanceError: Math.abs(missing) / (poured > 0 ? poured : startWater),
    steps,
  }
}

/** Moments a step may not run across: pours that begin and end, profiles, the end. */
function haltsOf({ pours, profileTimesS, endS }: Run): number[] {
  const moments = [
    ...pours.flatMap(({ atS, durationS }) => [atS, atS + durationS]),
    ...profileTimesS,
    endS,
  ].filter((moment) => moment > 0 && moment <= endS)
  return [...new Set(moments)].sort((a, b) => a - b)
}

function supplyAt(pours: readonly Pour[], t: number): number {
  let rate = 0
  for (const { atS, millilitres, durationS } of pours) {
    if (t > atS && t < atS + durationS) rate += millilitres / durationS
  }
  return rate
}

function layerMeans(column: Column, grid: Grid, layers: number): number[] {
  const water = new Array<number>(layers).fill(0)
  const volume = new Array<number>(layers).fill(0)
  for (let i = 0; i < grid.cells; i++) {
    const layer = grid.layer[i] as number
    water[layer] = (water[layer] as number) + (column.water[i] as number)
    volume[layer] = (volume[layer] as number) + (grid.volume[i] as number)
  }
  return water.map((ml, layer) => ml / (volume[layer] as number))
}

function sum(values: Float64Array): number {
  let total = 0
  for (const value of values) total += value
  return total
}

function notConverged(t: number, why: string): DomainError {
  return new DomainError(
    'not-converged',
    `The drainage could not be worked out beyond ${t.toFixed(1)} s: ${why}. Try thicker layers or another start.`,
    { atS: t },
  )
}
