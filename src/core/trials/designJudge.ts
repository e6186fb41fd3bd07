import { twoSidedT, welchError } from '../statistics'
import { countArrangements, type Exchanged, eachArrangement } from './arrangements'
import { drawnPlaces } from './drawnPlaces'
import { fisherExact } from './fisherExact'
import { holm } from './holm'
import { MaxStatistic } from './maxStatistic'
import { sumUp, variance } from './pots'
import { signFlips } from './signFlips'
import type { CheckedDesign } from './simulatedDesign'
import { countedTrays, measuredPots, ratiosOfCrops } from './simulateRun'
import { smallestFisherP, smallestMaxTP } from './verdict'

/** Share of runs in which the second treatment, or any, is judged to differ. */
export type DesignJudge = (
  difference: number,
  what: 'found' | 'any',
  tell: (share: number) => void,
) => number

/** Whether one run is judged so. A treatment that differs is found only the way it differs. */
type RunJudge = (difference: number, run: number, what: 'found' | 'any') => boolean

/** Arrangements that are all looked at in a run; beyond, so many are drawn. */
const DRAWS = 2000
const LEAST_TRAYS = 3
const SAME = 1e-10
const TELL_EVERY = 50

export function judgeOf(
  design: CheckedDesign,
  { alpha, runs, seed }: { readonly alpha: number; readonly runs: number; readonly seed: number },
): DesignJudge {
  const judge = runJudge(design, alpha, seed)
  // By run: a larger difference is found where a smaller one was.
  const foundAt = new Float64Array(runs).fill(Number.POSITIVE_INFINITY)
  const missedAt = new Float64Array(runs).fill(Number.NEGATIVE_INFINITY)
  return (difference, what, tell) => {
    const size = Math.abs(difference)
    let count = 0
    for (let run = 0; run < runs; run++) {
      if (run % TELL_EVERY === 0) tell(run / runs)
      if (what === 'any') {
        if (judge(difference, run, what)) count += 1
        continue
      }
      if (size < (foundAt[run] as number) && size > (missedAt[run] as number)) {
        if (judge(difference, run, what)) foundAt[run] = size
        else missedAt[run] = size
      }
      if (size >= (foundAt[run] as number)) count += 1
    }
    return count / runs
  }
}

function runJudge(design: CheckedDesign, alpha: number, seed: number): RunJudge {
  if (design.kind === 'side-by-side') return sidesJudge(design, alpha, seed)
  if (design.share === null) {
    const judge = potsJudge(design, alpha, seed)
    const pots = remembered((run) => measuredPots(design, seed, run))
    return (difference, run, what) => {
      const groups = pots(run).map((group, at) =>
        at === 1 && difference !== 0 ? group.map((value) => value + difference) : group,
      )
      return judge(groups, Math.sign(difference), what)
    }
  }
  if (design.seeds === 1) return seedsJudge(design, alpha, seed)
  if (design.pots < LEAST_TRAYS) return () => false
  const judge = potsJudge(design, alpha, seed)
  return (difference, run, what) => {
    const trays = countedTrays(design, Math.abs(difference), seed, run)
    return judge(
      trays.map((ups) => Float64Array.from(ups)),
      -Math.sign(difference),
      what,
    )
  }
}

function remembered<Value>(make: (run: number) => Value): (run: number) => Value {
  const kept = new Map<number, Value>()
  return (run) => {
    const known = kept.get(run) ?? make(run)
    kept.set(run, known)
    return known
  }
}

type PotsJudge = (groups: readonly Float64Array[], sign: number, what: 'found' | 'any') => boolean

/** Welch for two groups without blocks; permutation of all others. */
function potsJudge(design: CheckedDesign, alpha: number, seed: number): PotsJudge {
  const { treatments, pots, blocks } = design
  const isPaired = blocks && pots > 1
  if (pots < 2) return () => false
  if (treatments === 2 && !blocks) {
    return ([control, treatment], sign, what) => {
      const [c, t] = [sumUp(Array.from(control ?? [])), sumUp(Array.from(treatment ?? []))]
      const error = welchError({ ...c, variance: variance(c) }, { ...t, variance: variance(t) })
      const difference = t.mean - c.mean
      if (!error || !(twoSidedT(difference / error.se, error.df) < alpha)) return false
      return what === 'any' || Math.sign(difference) === sign
    }
  }
  const ofEach = (count: number) => Array.from({ length: treatments }, () => count)
  const exchanges: Exchanged[] = isPaired
    ? Array.from({ length: pots }, (_, block) => ({
        from: block * treatments,
        to: (block + 1) * treatments,
        ofGroup: ofEach(1),
      }))
    : [{ from: 0, to: pots * treatments, ofGroup: ofEach(pots) }]
  const sizes = exchanges.map(({ ofGroup }) => ofGroup)
  const df = treatments * pots - exchanges.length - treatments + 1
  if (df < 1 || smallestMaxTP(sizes, 1) >= alpha) return () => false
  const arrangements = countArrangements(exchanges)
  const groupSizes = ofEach(pots)
  let places: Uint16Array | null = null
  return (groups, sign, what) => {
    const values = new Float64Array(treatments * pots)
    const sums = new Float64Array(treatments)
    for (const { from, to } of exchanges) {
      const inBlock = isPaired ? from / treatments : null
      let mean = 0
      for (let place = from; place < to; place++) {
        const [group, pot] =
          inBlock === null ? [Math.floor(place / pots), place % pots] : [place - from, inBlock]
        const value = (groups[group] as Float64Array)[pot] as number
        values[place] = value
        mean += value / (to - from)
      }
      for (let place = from; place < to; place++) {
        const group = inBlock === null ? Math.floor(place / pots) : place - from
        const value = (values[place] as number) - mean
        values[place] = value
        sums[group] = (sums[group] as number) + value
      }
    }
    const statistic = new MaxStatistic(values, groupSizes)
    const u = statistic.each(sums)
    if (what === 'found' && statistic.sign(sums, 0) !== sign) return false
    const limit = (what === 'found' ? (u[0] as number) : Math.max(...u)) - SAME
    if (arrangements <= DRAWS) {
      let count = 0
      eachArrangement(exchanges, values, (one) => {
        if (statistic.most(one) >= limit) count += 1
      })
      return count / arrangements < alpha
    }
    // So many as far out, and p is no longer below alpha: the rest need not be drawn, nor where too few are left.
    const most = alpha * (1 + DRAWS) - 1
    places ??= drawnPlaces(exchanges, DRAWS, seed)
    let count = 0
    for (let nth = 0, at = 0; nth < DRAWS; nth++) {
      if (count + DRAWS - nth < most) return true
      let rest = 0
      for (let group = 0; group < treatments - 1; group++) {
        let sum = 0
        for (const end = at + pots; at < end; at++) sum += values[places[at] as number] as number
        sums[group] = sum
        rest -= sum
      }
      sums[treatments - 1] = rest
      if (statistic.most(sums) >= limit && ++count >= most) return false
    }
    return count < most
  }
}

/** A seed in each pot: Fisher's test, adjusted by Holm. */
function seedsJudge(design: CheckedDesign, alpha: number, seed: number): RunJudge {
  const { pots, treatments } = design
  if (Math.min(1, smallestFisherP(pots, pots) * (treatments - 1)) >= alpha) return () => false
  const known = new Map<number, number>()
  const pOf = (up: number, control: number) => {
    const key = up * (pots + 1) + control
    const p = known.get(key) ?? fisherExact(up, pots - up, control, pots - control).p
    known.set(key, p)
    return p
  }
  return (difference, run, what) => {
    const ups = countedTrays(design, Math.abs(difference), seed, run).map((group) =>
      group.reduce((sum, one) => sum + one, 0),
    )
    const [control = 0, ...others] = ups
    const shown = holm(others.map((up) => pOf(up, control))).map((p) => (p ?? 1) < alpha)
    return what === 'any'
      ? shown.some(Boolean)
      : shown[0] === true && Math.sign((others[0] ?? 0) - control) === -Math.sign(difference)
  }
}

/** Crops are the replicates. */
function sidesJudge(design: CheckedDesign, alpha: number, seed: number): RunJudge {
  const comparisons = design.treatments - 1
  if (2 * 0.5 ** design.crops * comparisons >= alpha) return () => false
  return (difference, run, what) => {
    const shown = ratiosOfCrops(design, difference, seed, run).map((ratios) => {
      const isShown = signFlips(ratios, { mostExact: DRAWS, draws: DRAWS }) * comparisons < alpha
      return isShown ? Math.sign(ratios.reduce((sum, one) => sum + one, 0)) : 0
    })
    return what === 'any'
      ? shown.some((sign) => sign !== 0)
      : shown[0] !== 0 && shown[0] === Math.sign(difference)
  }
}
