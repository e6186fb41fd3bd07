import type { GroupsInput } from './compareGroups'
import { type BlockEffect, type BlockOfTwo, effectInBlocks } from './compareInBlocks'
import { type Comparison, compareToControl } from './compareToControl'
import { maxTAgainstControl } from './maxTAgainstControl'
import { type PotValues, sumUp } from './pots'
import { type Spreads, spreadsOf } from './spreads'
import { smallestMaxTP } from './verdict'

/** Welch's t; max-T over several; permutation within blocks, or of all pots where nothing varies inside the groups. */
export type DecidingTest = 'welch' | 'max-t' | 'blocks' | 'max-t-blocks' | 'permutation'

export interface Judged {
  /** By the place of the group, the control first; null where it cannot be compared. */
  readonly comparisons: readonly (Comparison | null)[]
  /** Places of the groups that are compared, the control first; empty where none is. */
  readonly compared: readonly number[]
  readonly test: DecidingTest | null
  /** In the order of the compared treatments. */
  readonly ps: readonly (number | null)[]
  /** What the clearest result could come to, by the place among the compared ones. */
  readonly smallestP: (place: number) => number
  readonly spreads: Spreads | null
}

type Blocks = NonNullable<GroupsInput['blocks']>

const LEAST_POTS = 2
const PERCENT = 100

/** Which test decides, and what it says. */
export function judgedBy(
  { groups, blocks, seed, draws, onProgress }: GroupsInput,
  used: readonly (readonly number[])[],
): Judged {
  const comparisons = groups.map((values, at) =>
    at === 0 ? null : comparisonOf(groups, blocks, values, at, used),
  )
  const others = comparisons.flatMap((one, at) => (one ? at : []))
  if (others.length === 0) {
    return {
      comparisons,
      compared: [],
      test: null,
      ps: [],
      smallestP: () => 0,
      spreads: null,
    }
  }
  const compared = [0, ...others]
  const sizes = sizesOf(groups, blocks, compared)
  const spreads = spreadsOf(groups, blocks, compared)
  const [only] = others
  const first = only === undefined ? null : (comparisons[only] ?? null)
  if (!blocks && others.length === 1 && first?.p != null) {
    return { comparisons, compared, test: 'welch', ps: [first.p], smallestP: () => 0, spreads }
  }
  const isSeveral = others.length > 1
  // Alike inside the groups: only a difference of the means tells anything.
  const isFlat = !blocks && !isSeveral
  const test = isFlat ? 'permutation' : blocks ? (isSeveral ? 'max-t-blocks' : 'blocks') : 'max-t'
  const cannot = isFlat ? first?.difference === 0 : blocks !== undefined && freedomOf(sizes) < 1
  const { p } = cannot
    ? { p: others.map(() => null) }
    : maxTAgainstControl(
        compared.map((at) => groups[at] as PotValues),
        {
          ...(seed === undefined ? {} : { seed }),
          ...(draws === undefined ? {} : { draws }),
          ...(onProgress ? { onProgress } : {}),
          blocks: blocks && compared.map((at) => blocks[at] ?? []),
        },
      )
  return {
    comparisons,
    compared,
    test,
    ps: p,
    smallestP: (place) => smallestMaxTP(sizes, place, draws),
    spreads,
  }
}

function comparisonOf(
  groups: readonly PotValues[],
  blocks: GroupsInput['blocks'],
  values: PotValues,
  at: number,
  used: readonly (readonly number[])[],
): Comparison | null {
  const control = groups[0] as PotValues
  const isEnough = [0, at].every((one) => (used[one]?.length ?? 0) >= LEAST_POTS)
  if (!isEnough) return null
  if (!blocks) return compareToControl(control, values)
  const table = tableOf([control, values], [blocks[0] ?? [], blocks[at] ?? []])
  const both = table.filter((block) => [block.control, block.treatment].every(hasUsed))
  return both.length < LEAST_POTS ? null : ofBlocks(effectInBlocks(table), used[0] ?? [])
}

function hasUsed(values: PotValues): boolean {
  return values.some((value) => value !== null)
}

/** By block, in the order in which blocks first stand there. */
function tableOf(
  [control, treatment]: readonly [PotValues, PotValues],
  [ofControl, ofTreatment]: readonly [Blocks[number], Blocks[number]],
): BlockOfTwo[] {
  const names = [...new Set([...ofControl, ...ofTreatment])]
  return names.map((name) => ({
    control: control.filter((_, pot) => ofControl[pot] === name),
    treatment: treatment.filter((_, pot) => ofTreatment[pot] === name),
  }))
}

/** The effect beside the control's mean: means of incomplete blocks would compare one block with another. */
function ofBlocks(
  { nControl, nTreatment, difference, ci, df }: BlockEffect,
  control: readonly number[],
): Comparison {
  const { mean } = sumUp(control)
  return {
    nControl,
    nTreatment,
    difference,
    ci,
    percentOfControl: mean > 0 ? PERCENT * (1 + difference / mean) : null,
    hedgesG: null,
    t: null,
    df,
    p: null,
  }
}

function freedomOf(sizes: readonly (readonly number[])[]): number {
  const pots = sizes.reduce((sum, ofGroup) => sum + ofGroup.reduce((all, n) => all + n, 0), 0)
  return pots - sizes.length - (sizes[0]?.length ?? 0) + 1
}

/** Used pots by group, in each block or all together. */
function sizesOf(
  groups: readonly PotValues[],
  blocks: GroupsInput['blocks'],
  compared: readonly number[],
): number[][] {
  const inBlock = new Map<string | number | null, number[]>()
  compared.forEach((at, group) => {
    groups[at]?.forEach((value, pot) => {
      if (value === null) return
      const block = blocks?.[at]?.[pot] ?? null
      const sizes = inBlock.get(block) ?? compared.map(() => 0)
      sizes[group] = (sizes[group] as number) + 1
      inBlock.set(block, sizes)
    })
  })
  return [...inBlock.values()]
}
