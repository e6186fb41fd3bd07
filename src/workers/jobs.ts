import { blendEc, blendPh } from '../core/chemistry'
import type { ContainerShape } from '../core/containers'
import { DomainError } from '../core/errors'
import {
  blendMedia,
  type Component,
  containerCapacity,
  type MediaLayer,
  type TrianglePoint,
  triangleField,
  type WaterRun,
  waterRun,
} from '../core/media'
import {
  type CheapestMix,
  cheapestMix,
  daysBetweenWaterings,
  type MixChange,
  type MixInPlace,
  mixInPlace,
  smallestChange,
} from '../core/season'

type MixQuestion = Parameters<typeof mixInPlace>[0]

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

/** What of a mix in its place is to be brought into a band. */
export type MixQuality = 'air' | 'ph' | 'ec' | 'days' | 'kgPerL'

/** A change of one material that brings one quality of a mix into a band. */
export interface MixChangeQuestion {
  readonly of: MixQuality
  readonly mix: MixQuestion
  readonly candidates: readonly Component['material'][]
  /** By material; what is not in it has no known price. */
  readonly pricePerLitre: Readonly<Record<string, number>>
  readonly low: number
  readonly high: number
}

/** Only what is asked for is worked out: a search asks some hundred times. */
function qualityOf(of: MixQuality, { components, container, crop, place }: MixQuestion): number {
  const { shape, fillHeightCm } = container
  switch (of) {
    case 'ph':
      return blendPh({ components }).ph
    case 'ec':
      return blendEc({ components }).ecSme
    case 'air':
      return containerCapacity({ curve: blendMedia({ components }).curve, shape, fillHeightCm })
        .airFraction
    case 'kgPerL': {
      const { curve, bulkDensity } = blendMedia({ components })
      return bulkDensity + containerCapacity({ curve, shape, fillHeightCm }).waterFraction
    }
    case 'days':
      return daysBetweenWaterings({ components, container, crop, place })
  }
}

/** Everything a page may ask of the worker: functions of the core, plain data in and out. */
export const jobs = {
  mixInPlace: (question: MixQuestion): MixInPlace => mixInPlace(question),

  mixChange: ({ of, mix, pricePerLitre, ...rest }: MixChangeQuestion): MixChange | null =>
    smallestChange({
      ...rest,
      components: mix.components,
      valueFor: (components) => qualityOf(of, { ...mix, components }),
      priceOf: ({ id }) => pricePerLitre[id] ?? null,
    }),

  cheapestMix: (
    question: Omit<Parameters<typeof cheapestMix>[0], 'onProgress'>,
    tell: Tell,
  ): CheapestMix | null => cheapestMix({ ...question, onProgress: tell }),

  triangle: (
    question: Omit<Parameters<typeof triangleField>[0], 'onProgress'>,
    tell: Tell,
  ): readonly TrianglePoint[] => triangleField({ ...question, onProgress: tell }),

  /** The same water poured onto each of several fills. */
  waterRuns: (
    { fills, millilitres }: { fills: readonly MixFill[]; millilitres: number },
    tell: Tell,
  ): readonly MixRun[] =>
    fills.map(({ layers, ...pot }, index) => {
      const mixes = layers.map(({ components, thicknessCm }) => {
        const { curve, ksCmPerS } = blendMedia({ components })
        return { thicknessCm, curve, ksCmPerS }
      })
      const run = waterRun({
        fill: { ...pot, layers: mixes },
        millilitres,
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
