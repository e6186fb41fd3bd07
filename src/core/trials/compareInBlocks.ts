import { DomainError } from '../errors'
import { isRounding, requireList, t95 } from '../statistics'
import { maxTAgainstControl } from './maxTAgainstControl'
import { type PotValues, sumUp, usedPots } from './pots'

/** The pots of one block, null for a pot that is not used. */
export interface BlockOfTwo {
  readonly control: PotValues
  readonly treatment: PotValues
}

export interface BlockEffect {
  readonly nControl: number
  readonly nTreatment: number
  /** Treatment less control, adjusted for the blocks. */
  readonly difference: number
  /** 95 %, by t; null where nothing varies inside the blocks, or nothing is left to judge it by. */
  readonly ci: readonly [number, number] | null
  /** Used pots less blocks less one. */
  readonly df: number
}

export interface BlockComparison extends BlockEffect {
  /** By permutation of pots within their blocks; null where nothing is left to judge by. */
  readonly p: number | null
}

export interface PermutationOptions {
  readonly draws?: number
  readonly seed?: number
}

/**
 * The effect of a treatment where pots stand in blocks, by least squares on block and treatment: with one pot of each in
 * every block the paired difference.
 * @param table by block
 * @throws DomainError `too-few` below two blocks that hold both, `not-finite`, `bad-argument`
 */
export function effectInBlocks(table: readonly BlockOfTwo[]): BlockEffect {
  requireList('The blocks', table)
  const blocks = table
    .map(({ control, treatment }) => ({
      control: usedPots('The control', control),
      treatment: usedPots('The treatment', treatment),
    }))
    .filter(({ control, treatment }) => control.length + treatment.length > 0)
  const both = blocks.filter(({ control, treatment }) => control.length * treatment.length > 0)
  if (both.length < 2) {
    throw new DomainError(
      'too-few',
      'At least two blocks must hold a pot of the control and one of the treatment to count.',
    )
  }
  // Each block tells a difference of its own, weighed by what its pots can tell of it.
  const paired = both.map(({ control, treatment }) => ({
    weight: (control.length * treatment.length) / (control.length + treatment.length),
    difference: sumUp(treatment).mean - sumUp(control).mean,
  }))
  const weight = paired.reduce((sum, one) => sum + one.weight, 0)
  const difference = paired.reduce((sum, one) => sum + one.weight * one.difference, 0) / weight
  const [nControl, nTreatment] = (['control', 'treatment'] as const).map((side) =>
    blocks.reduce((sum, block) => sum + block[side].length, 0),
  ) as [number, number]
  const df = nControl + nTreatment - blocks.length - 1
  const size = Math.max(
    ...blocks.flatMap(({ control, treatment }) => [...control, ...treatment].map(Math.abs)),
  )
  return { nControl, nTreatment, difference, df, ci: intervalOf() }

  function intervalOf(): BlockEffect['ci'] {
    if (df < 1) return null
    const left = blocks.reduce((sum, { control, treatment }) => {
      const free = [...control, ...treatment.map((one) => one - difference)]
      return sum + sumUp(free).sumOfSquares
    }, 0)
    const se = Math.sqrt(left / df / weight)
    if (isRounding(se, size)) return null
    const half = t95(df) * se
    return [difference - half, difference + half]
  }
}

/**
 * A treatment against its control where pots stand in blocks: the effect with its interval, and p by permutation within
 * the blocks (all arrangements up to 200 000, drawn ones beyond).
 * @param table by block
 * @throws DomainError as effectInBlocks
 */
export function compareInBlocks(
  table: readonly BlockOfTwo[],
  options: PermutationOptions = {},
): BlockComparison {
  const effect = effectInBlocks(table)
  const inTurn = (side: 'control' | 'treatment') => table.flatMap((block) => block[side])
  const blocksOf = (side: 'control' | 'treatment') =>
    table.flatMap((block, at) => block[side].map(() => at))
  if (effect.df < 1) return { ...effect, p: null }
  const { p } = maxTAgainstControl([inTurn('control'), inTurn('treatment')], {
    ...options,
    blocks: [blocksOf('control'), blocksOf('treatment')],
  })
  return { ...effect, p: p[0] ?? null }
}
