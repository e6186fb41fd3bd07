import { DomainError } from '../errors'
import { requireIn, requireList } from '../statistics'
import { countArrangements, type Exchanged, eachArrangement } from './arrangements'
import { MaxStatistic } from './maxStatistic'
import { Permuter } from './permuter'
import { type PotValues, usedAtLeast } from './pots'

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
  const pots = arrange(groups, blocks)
  const statistic = new MaxStatistic(pots.values, pots.sizes)
  const observed = sumsOf(pots.values, pots.labels, pots.sizes.length)
  const u = Array.from(statistic.each(observed))
  const limits = u.map((one) => one - SAME)
  const counts = new Float64Array(u.length)
  const count = (sums: Float64Array) => {
    const most = statistic.most(sums)
    for (let at = 0; at < counts.length; at++) {
      if (most >= (limits[at] as number)) counts[at] = (counts[at] as number) + 1
    }
  }
  const arrangements = countArrangements(pots.exchanges)
  const t = u.map((one, at) => statistic.sign(observed, at) * tOf(one, pots.df))
  if (arrangements <= MOST_EXACT) {
    eachArrangement(pots.exchanges, pots.values, count)
    const p = Array.from(counts, (one) => one / arrangements)
    return { p, t, method: 'exact', arrangements, draws: 0 }
  }
  const permuter = new Permuter(pots.values, pots.exchanges, pots.sizes.length, seed)
  for (let nth = 0; nth < draws; nth++) {
    count(permuter.next())
    if (onProgress && nth % TELL_EVERY === 0) onProgress(nth / draws)
  }
  const p = Array.from(counts, (one) => (1 + one) / (1 + draws))
  return { p, t, method: 'montecarlo', arrangements, draws }
}

/** t from t²/(t² + df). */
function tOf(u: number, df: number): number {
  return u >= 1 ? Number.POSITIVE_INFINITY : Math.sqrt((u * df) / (1 - u))
}

export interface ArrangedPots {
  /** Centred, within their block where there are blocks. */
  readonly values: Float64Array
  readonly labels: Int32Array
  readonly sizes: readonly number[]
  readonly exchanges: readonly Exchanged[]
  readonly df: number
}

/** The used pots, those of a block beside each other. */
export function arrange(groups: readonly PotValues[], blocks: MaxTOptions['blocks']): ArrangedPots {
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

/** What each group got, as it stands. */
export function sumsOf(values: Float64Array, labels: Int32Array, groups: number): Float64Array {
  const sums = new Float64Array(groups)
  for (let pot = 0; pot < values.length; pot++) {
    const label = labels[pot] as number
    sums[label] = (sums[label] as number) + (values[pot] as number)
  }
  return sums
}
