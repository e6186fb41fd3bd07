import { DomainError } from './errors'

export interface NumberRange {
  readonly min?: number
  readonly max?: number
  /** Exclusive lower bound. */
  readonly above?: number
  /** Exclusive upper bound. */
  readonly below?: number
}

/**
 * Returns `value` when it is a finite number inside the range.
 * @throws DomainError `bad-argument` when missing, `not-finite`, or `out-of-range`
 */
export function requireNumber(name: string, value: unknown, range: NumberRange = {}): number {
  if (value === undefined || value === null) {
    throw new DomainError('bad-argument', `${name} is missing.`, { field: name })
  }
  if (typeof value !== 'number' || !Number.isFinite(value)) {
    throw new DomainError('not-finite', `${name} must be a number.`, { field: name })
  }
  const outside =
    (range.min !== undefined && value < range.min) ||
    (range.max !== undefined && value > range.max) ||
    (range.above !== undefined && value <= range.above) ||
    (range.below !== undefined && value >= range.below)
  if (outside) {
    throw new DomainError('out-of-range', `${name} must be ${describeRange(range)}.`, {
      field: name,
      value,
    })
  }
  return value
}

/** @throws DomainError `bad-argument` or `out-of-range` when the value is not a whole number in range */
export function requireWhole(name: string, value: unknown, range: NumberRange = {}): number {
  const number = requireNumber(name, value, range)
  if (!Number.isInteger(number)) {
    throw new DomainError('bad-argument', `${name} must be a whole number.`, { field: name, value })
  }
  return number
}

/** @throws DomainError `bad-argument` when the value is not one of the words */
export function requireOneOf<Word extends string>(
  name: string,
  value: unknown,
  words: readonly Word[],
): Word {
  const found = words.find((word) => word === value)
  if (found === undefined) {
    throw new DomainError('bad-argument', `${name} must be one of ${words.join(', ')}.`, {
      field: name,
    })
  }
  return found
}

/** @throws DomainError `bad-argument` when the value is not a plain object */
export function requireObject<T>(name: string, value: T | null | undefined): T {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) {
    throw new DomainError('bad-argument', `${name} is missing.`, { field: name })
  }
  return value
}

function describeRange({ min, max, above, below }: NumberRange): string {
  const low = above !== undefined ? `above ${above}` : min !== undefined ? `at least ${min}` : ''
  const high = below !== undefined ? `below ${below}` : max !== undefined ? `at most ${max}` : ''
  return [low, high].filter(Boolean).join(' and ')
}
