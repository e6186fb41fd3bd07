import type { ContainerShape } from '../core/containers'
import { DomainError } from '../core/errors'
import {
  blendMedia,
  type Component,
  entryOf,
  type MediaLayer,
  type TrianglePoint,
  triangleField,
  type WaterRun,
  type WaterStart,
  waterRun,
} from '../core/media'
import {
  brokenBounds,
  type CheapestMix,
  type ClosestMix,
  cheapestMix,
  closestMix,
  keepsBounds,
  type MixAnswer,
  type MixBounds,
  type MixChange,
  type MixQuality,
  type mixInPlace,
  mixQuality,
  mixWithRange,
  type SeasonWater,
  smallestChange,
} from '../core/mixes'
import { type MediaRange, mediaRange } from '../core/ranges'
import { type LadderInput, planLadder, type Rung } from '../core/recondition'
import {
  type DesignPower,
  type DesignQuestion,
  type DoseResponse,
  doseResponse,
  type Findable,
  findable,
  type MaxT,
  type MaxTOptions,
  maxTAgainstControl,
  type PotValues,
  type PowerQuestion,
  powerOfDesign,
  replicatesNeeded,
} from '../core/trials'

type RangeQuestion = Parameters<typeof mediaRange>[0]
type MixQuestion = Parameters<typeof mixInPlace>[0]

/** What is simulated of a plan, and of the same with more pots of each, or more crops. */
export interface TrialPlansQuestion {
  readonly plan: Omit<PowerQuestion, 'onProgress'>
  readonly more: readonly number[]
}

export interface TrialPlansAnswer extends DesignPower {
  readonly more: readonly (Omit<DesignPower, 'falsePositive'> & { readonly size: number })[]
}

/** Enough to tell a column of a table. */
const RUNS_BESIDE = 400

export type Tell = (share: number) => void

/** A container and the mixes in it, from the base up. */
export interface MixFill {
  readonly shape: ContainerShape
  readonly headspaceCm: number
  /** Height of an inert filler on the base. */
  readonly fillerCm?: number
  readonly layers: readonly {
    readonly components: readonly Component[]
    readonly thicknessCm: number
  }[]
}

/** Water through a fill, with what its mixes became. */
export interface MixRun extends WaterRun {
  readonly mixes: readonly MediaLayer[]
}

/** The ways to go on with many lots, from one store. */
export interface LaddersQuestion {
  readonly stock: LadderInput['stock']
  readonly lots: readonly { readonly id: number; readonly input: Omit<LadderInput, 'stock'> }[]
}

/** The ways of one lot, or why there are none. */
export interface LaddersAnswer {
  readonly id: number
  readonly rungs: readonly Omit<Rung, 'recipe'>[]
  readonly refusal: string | null
}

/** A change of one material that brings one quality of a mix into a band. */
export interface MixChangeQuestion {
  readonly quality: MixQuality
  readonly mix: MixQuestion
  readonly candidates: readonly Component['material'][]
  /** By material; what is not in it has no known price. */
  readonly pricePerLitre: Readonly<Record<string, number>>
  readonly low: number
  readonly high: number
  /** What the changed mix must keep, where the mix as it is keeps it; the quality that is mended is for its band to say. */
  readonly bounds?: MixBounds
  /** Needed for the pH at the end of a season. */
  readonly water?: SeasonWater
}

export interface MixChangeAnswer {
  /** The quality as it is without the change. */
  readonly before: number
  /** null where it lies in its band already, or no change of one material brings it there. */
  readonly change: MixChange | null
}

/** Everything a page may ask of the worker: functions of the core, plain data in and out. */
export const jobs = {
  mixInPlace: (question: MixQuestion): MixAnswer => mixWithRange(question),

  mediaRange: (question: RangeQuestion): MediaRange => mediaRange(question),

  mixChange: ({
    quality,
    mix,
    pricePerLitre,
    water,
    bounds,
    ...rest
  }: MixChangeQuestion): MixChangeAnswer => {
    const broken = bounds ? brokenBounds(mix.components, bounds) : []
    const valueFor = (components: readonly Component[]) =>
      mixQuality(quality, { ...mix, components }, water)
    return {
      before: valueFor(mix.components),
      change: smallestChange({
        ...rest,
        components: mix.components,
        valueFor,
        priceOf: ({ id }) => pricePerLitre[id] ?? null,
        ...(bounds ? { allowed: (components) => keepsBounds(broken, components, bounds) } : {}),
      }),
    }
  },

  closestMix: (
    question: Omit<Parameters<typeof closestMix>[0], 'onProgress'>,
    tell: Tell,
  ): ClosestMix | null => closestMix({ ...question, onProgress: tell }),

  cheapestMix: (
    question: Omit<Parameters<typeof cheapestMix>[0], 'onProgress'>,
    tell: Tell,
  ): CheapestMix | null => cheapestMix({ ...question, onProgress: tell }),

  triangle: (
    question: Omit<Parameters<typeof triangleField>[0], 'onProgress'>,
    tell: Tell,
  ): readonly TrianglePoint[] => triangleField({ ...question, onProgress: tell }),

  /** One after the other: a lot that cannot be worked out says why, and the next is. */
  ladders: ({ stock, lots }: LaddersQuestion, tell: Tell): readonly LaddersAnswer[] =>
    lots.map(({ id, input }, index) => {
      tell(index / lots.length)
      try {
        const { rungs } = planLadder({ ...input, stock })
        return { id, refusal: null, rungs: rungs.map(({ recipe: _recipe, ...rung }) => rung) }
      } catch (error) {
        if (!(error instanceof DomainError)) throw error
        return { id, refusal: error.message, rungs: [] }
      }
    }),

  /** What a trial could find, before it is planted. */
  trialDesign: (question: DesignQuestion): Findable => findable(question),

  /** How often a plan would find a difference, and what more pots, trays, blocks or crops would buy. */
  trialPlans: ({ plan, more }: TrialPlansQuestion, tell: Tell): TrialPlansAnswer => {
    const parts = more.length + 2
    const found = powerOfDesign({ ...plan, onProgress: (share) => tell((2 * share) / parts) })
    return {
      ...found,
      more: more.map((size, at) => {
        const { leastDifference, power } = powerOfDesign({
          ...plan,
          ...(plan.kind === 'side-by-side' ? { crops: size } : { pots: size }),
          runs: RUNS_BESIDE,
          onProgress: (share) => tell((2 + at + share) / parts),
        })
        return { size, leastDifference, power }
      }),
    }
  },

  /** Pots of each for a difference; null beyond reason. */
  potsNeeded: (
    question: Parameters<typeof replicatesNeeded>[0],
  ): { readonly pots: number | null } => ({ pots: replicatesNeeded(question) }),

  /** Treatments against their control, by permutation; the same seed gives the same p. */
  maxT: (
    {
      groups,
      ...options
    }: { readonly groups: readonly PotValues[] } & Omit<MaxTOptions, 'onProgress'>,
    tell: Tell,
  ): MaxT => maxTAgainstControl(groups, { ...options, onProgress: tell }),

  /** Steps of a dose series with their bootstrap interval. */
  doseSteps: ({
    doses,
    values,
    ...options
  }: {
    readonly doses: readonly number[]
    readonly values: readonly (number | PotValues)[]
    readonly draws?: number
    readonly seed?: number
  }): DoseResponse => doseResponse(doses, values, options),

  /** The same water poured onto each of several fills. */
  waterRuns: (
    {
      fills,
      millilitres,
      untilMl,
      start = 'watered',
    }: {
      fills: readonly MixFill[]
      millilitres: number
      /** Water run out that is waited for. */
      untilMl: number
      start?: WaterStart
    },
    tell: Tell,
  ): readonly MixRun[] =>
    fills.map(({ layers, ...pot }, index) => {
      const mixes = layers.map(({ components, thicknessCm }) => {
        const { curve, ksCmPerS } = blendMedia({ components })
        return { thicknessCm, curve, ksCmPerS, entryCm: entryOf(components) }
      })
      const run = waterRun({
        fill: { ...pot, layers: mixes },
        millilitres,
        untilMl,
        start,
        onProgress: (share) => tell((index + share) / fills.length),
      })
      return { ...run, mixes }
    }),
}

export type Jobs = typeof jobs
export type JobName = keyof Jobs
export type Question<Name extends JobName> = Parameters<Jobs[Name]>[0]
export type Answer<Name extends JobName> = ReturnType<Jobs[Name]>

/** An answer, or what the core refused and why: errors lose their code between threads. */
export type Outcome =
  | { readonly ok: true; readonly value: unknown }
  | { readonly ok: false; readonly code: string; readonly message: string }

/** Does one job; a refusal by the core is an outcome, a bug is thrown. */
export function runJob(name: JobName, question: unknown, tell: Tell): Outcome {
  const job = jobs[name] as (question: unknown, tell: Tell) => unknown
  try {
    return { ok: true, value: job(question, tell) }
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    return { ok: false, code: error.code, message: error.message }
  }
}
