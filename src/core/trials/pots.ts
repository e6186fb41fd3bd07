import { DomainError } from '../errors'
import { requireList } from '../statistics'

/** One value a pot; null for a pot that is not used. */
export type PotValues = readonly (number | null)[]

export interface Summed {
  readonly n: number
  readonly mean: number
  /** About the mean, in two passes. */
  readonly sumOfSquares: number
}

/** The values of the pots that are used. @throws DomainError `bad-argument` or `not-finite` */
export function usedPots(name: string, values: PotValues): number[] {
  requireList(name, values)
  const used: number[] = []
  for (const value of values) {
    if (value === null) continue
    if (typeof value !== 'number' || !Number.isFinite(value)) {
      throw new DomainError('not-finite', `${name} must be numbers, or nothing for a pot not used.`)
    }
    used.push(value)
  }
  return used
}

/** At least so many used pots. @throws DomainError `too-few` */
export function usedAtLeast(name: string, values: PotValues, least: number): number[] {
  const used = usedPots(name, values)
  if (used.length < least) {
    throw new DomainError(
      'too-few',
      `${name} has ${used.length === 1 ? 'one pot' : `${used.length} pots`} to count: at least ${least} are needed.`,
    )
  }
  return used
}

export function sumUp(values: readonly number[]): Summed {
  const n = values.length
  const mean = values.reduce((sum, one) => sum + one, 0) / n
  return { n, mean, sumOfSquares: values.reduce((sum, one) => sum + (one - mean) ** 2, 0) }
}

export function variance({ n, sumOfSquares }: Summed): number {
  return sumOfSquares / (n - 1)
}
