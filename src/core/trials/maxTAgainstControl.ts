import { DomainError } from '../errors'
import { requireIn, requireList } from '../statistics'
import { countArrangements, type Exchanged, eachArrangement } from './arrangements'
import { type PotValues, usedAtLeast } from './pots'
import { random32, shuffle } from './random32'

export interface MaxT {
  /** Family-wise, in the order of the treatments. */
  readonly p: readonly number[]
  /** Infinite where nothing varies inside the groups but they differ. */
  readonly t: readonly number[]
  readonly method: 'exact' | 'montecarlo'
  /** Different ways to label the pots. */
  readonly arrangements: number
  /** Drawn of them; 0 where all were looked at. */
  readonly draws: number
}

export interface MaxTOptions {
  /** The block of each pot, in the shape of the groups. */
  readonly blocks?: readonly (readonly (string | number | null)[])[] | undefined
  readonly draws?: number
  /** 32-bit whole number; the same seed gives the same p everywhere. */
  readonly seed?: number
  /** How far it is, 0 to 1. */
  readonly onProgress?: (share: number) => void
}

const MOST_EXACT = 200_000
const USUAL_DRAWS = 50_000
const LEAST_DRAWS = 999
const SAME = 1e-10
const TELL_EVERY = 5_000

/**
 * Each treatment against the control by permutation of pots: single-step max-|t| of Westfall and Young (1993), its
 * pooled spread computed anew for every arrangement; all arrangements up to 200 000, drawn ones beyond.
 * @param groups values by pot, the control first
 * @throws DomainError `too-few` below two groups or two used pots in one, `bad-argument` for blocks of another shape or
 *   too few draws, `not-finite`
 */
export function maxTAgainstControl(
  groups: readonly PotValues[],
  { blocks, draws = USUAL_DRAWS, seed = 1, onProgress }: MaxTOptions = {},
): MaxT {
  requireIn('The draws', draws, LEAST_DRAWS, 10_000_000)
  requireIn('The seed', seed, -(2 ** 31), 2 ** 32 - 1)
  const pots = potsOf(groups, blocks)
  const observed = pots.labels
  const farthest = new MaxStatistic(pots.values, pots.sizes)
  const u = Array.from(farthest.each(observed))
  const limits = u.map((one) => one - SAME)
  const counts = new Float64Array(u.length)
  const count = (labels: Int32Array) => {
    const most = farthest.most(labels)
    for (let at = 0; at < counts.length; at++) {
      if (most >= (limits[at] as number)) counts[at] = (counts[at] as number) + 1
    }
  }
  const arrangements = countArrangements(pots.exchanges)
  const t = u.map((one, at) => farthest.sign(observed, at) * tOf(one, pots.df))
  if (arrangements <= MOST_EXACT) {
    eachArrangement(pots.exchanges, pots.values.length, count)
    const p = Array.from(counts, (one) => one / arrangements)
    return { p, t, method: 'exact', arrangements, draws: 0 }
  }
  const draw = random32(seed)
  const labels = Int32Array.from(observed)
  for (let nth = 0; nth < draws; nth++) {
    for (const { from, to } of pots.exchanges) shuffle(labels, from, to, draw)
    count(labels)
    if (onProgress && nth % TELL_EVERY === 0) onProgress(nth / draws)
  }
  const p = Array.from(counts, (one) => (1 + one) / (1 + draws))
  return { p, t, method: 'montecarlo', arrangements, draws }
}

/** t from t²/(t² + df). */
function tOf(u: number, df: number): number {
  return u >= 1 ? Number.POSITIVE_INFINITY : Math.sqrt((u * df) / (1 - u))
}

interface Pots {
  /** Centred, within their block where there are blocks. */
  readonly values: Float64Array
  readonly labels: Int32Array
  readonly sizes: readonly number[]
  readonly exchanges: readonly Exchanged[]
  readonly df: number
}

/** The used pots, those of a block beside each other. */
function potsOf(groups: readonly PotValues[], blocks: MaxTOptions['blocks']): Pots {
  requireList('The groups', groups)
  if (groups.length < 2) {
    throw new DomainError('too-few', 'A control and at least one treatment are needed.')
  }
  groups.forEach((group, at) => {
    usedAtLeast(at === 0 ? 'The control' : `Treatment ${at}`, group, 2)
  })
  const rows = groups.flatMap((group, label) =>
    group.flatMap((value, at) =>
      value === null ? [] : [{ label, value, block: blockOf(blocks, groups, label, at) }],
    ),
  )
  const names = [...new Set(rows.map(({ block }) => block))]
  const sorted = names.map((name) => rows.filter(({ block }) => block === name))
  const values: number[] = []
  const labels: number[] = []
  const exchanges: Exchanged[] = []
  for (const block of sorted) {
    const mean = block.reduce((sum, { value }) => sum + value, 0) / block.length
    const from = values.length
    for (const { value, label } of block) {
      values.push(value - mean)
      labels.push(label)
    }
    const ofGroup = groups.map((_, label) => block.filter((one) => one.label === label).length)
    exchanges.push({ from, to: values.length, ofGroup })
  }
  const df = rows.length - names.length - groups.length + 1
  if (df < 1) {
    throw new DomainError('too-few', 'Too few pots: nothing is left to judge the differences by.')
  }
  return {
    values: Float64Array.from(values),
    labels: Int32Array.from(labels),
    sizes: groups.map((_, label) => rows.filter((one) => one.label === label).length),
    exchanges,
    df,
  }
}

function blockOf(
  blocks: MaxTOptions['blocks'],
  groups: readonly PotValues[],
  group: number,
  pot: number,
): string | number {
  if (!blocks) return 0
  const row = blocks[group]
  const block = row?.[pot]
  if (blocks.length !== groups.length || row?.length !== groups[group]?.length || block == null) {
    throw new DomainError('bad-argument', 'The blocks name the block of each pot.')
  }
  return block
}

/** t²/(t² + df) of each treatment against the control: defined also where nothing varies. */
class MaxStatistic {
  private readonly sums: Float64Array
  private readonly u: Float64Array
  private readonly total: number
  /** 1/nᵢ + 1/n₀ by treatment. */
  private readonly spread: readonly number[]

  constructor(
    private readonly values: Float64Array,
    private readonly sizes: readonly number[],
  ) {
    this.sums = new Float64Array(sizes.length)
    this.u = new Float64Array(sizes.length - 1)
    this.total = values.reduce((sum, one) => sum + one * one, 0)
    const [control = 1] = sizes
    this.spread = sizes.slice(1).map((n) => 1 / n + 1 / control)
  }

  each(labels: Int32Array): Float64Array {
    const { values, sums, sizes, u } = this
    sums.fill(0)
    for (let pot = 0; pot < values.length; pot++) {
      const label = labels[pot] as number
      sums[label] = (sums[label] as number) + (values[pot] as number)
    }
    let within = this.total
    for (let group = 0; group < sums.length; group++) {
      const sum = sums[group] as number
      within -= (sum * sum) / (sizes[group] as number)
    }
    // What is left by rounding alone is nothing.
    if (within < 1e-13 * this.total) within = 0
    const control = (sums[0] as number) / (sizes[0] as number)
    for (let at = 0; at < u.length; at++) {
      const apart = (sums[at + 1] as number) / (sizes[at + 1] as number) - control
      const squared = apart * apart
      const beside = within * (this.spread[at] as number)
      u[at] = squared + beside > 0 ? squared / (squared + beside) : 0
    }
    return u
  }

  most(labels: Int32Array): number {
    const u = this.each(labels)
    let most = 0
    for (let at = 0; at < u.length; at++) if ((u[at] as number) > most) most = u[at] as number
    return most
  }

  /** Which way a treatment lies of the control. */
  sign(labels: Int32Array, at: number): number {
    this.each(labels)
    const mean = (group: number) => (this.sums[group] as number) / (this.sizes[group] as number)
    return Math.sign(mean(at + 1) - mean(0)) || 1
  }
}
