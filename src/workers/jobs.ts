import { DomainError } from '../core/errors'
import {
  blendMedia,
  type Component,
  containerCapacity,
  type DrainageInput,
  simulateDrainage,
} from '../core/media'
import { type MixChange, type MixInPlace, mixInPlace, smallestChange } from '../core/season'

export type Tell = (share: number) => void

/** What a run of water leaves behind, as plain data: times to a volume are read from the outflow on the page's side. */
export type PlainDrainage = Omit<ReturnType<typeof simulateDrainage>, 'timeToMl'>

/** A change that brings the air of a mix in its container into a band. */
export interface AirChangeQuestion {
  readonly components: readonly Component[]
  readonly container: Parameters<typeof mixInPlace>[0]['container']
  readonly candidates: readonly Component['material'][]
  /** By material; what is not in it has no known price. */
  readonly pricePerLitre: Readonly<Record<string, number>>
  readonly low: number
  readonly high: number
}

/** Everything a page may ask of the worker: functions of the core, plain data in and out. */
export const jobs = {
  mixInPlace: (question: Parameters<typeof mixInPlace>[0]): MixInPlace => mixInPlace(question),

  airChange: ({
    components,
    container: { shape, fillHeightCm },
    pricePerLitre,
    ...rest
  }: AirChangeQuestion): MixChange | null =>
    smallestChange({
      ...rest,
      components,
      valueFor: (mix) =>
        containerCapacity({ curve: blendMedia({ components: mix }).curve, shape, fillHeightCm })
          .airFraction,
      priceOf: ({ id }) => pricePerLitre[id] ?? null,
    }),

  drainage: (inputs: readonly DrainageInput[], tell: Tell): readonly PlainDrainage[] =>
    inputs.map((input, index) => {
      const { timeToMl, ...plain } = simulateDrainage({
        ...input,
        onProgress: (share) => tell((index + share) / inputs.length),
      })
      return plain
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
