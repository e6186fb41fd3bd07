import { DomainError } from '../errors'
import { requireFinite } from './requires'

/** Whole and not negative. @throws DomainError `not-finite` or `bad-count` */
export function requireCount(name: string, value: unknown): number {
  const count = requireFinite(name, value)
  if (!Number.isInteger(count) || count < 0) {
    throw new DomainError('bad-count', `${name} must be a whole number from 0 on.`)
  }
  return count
}

/** A count out of a total of at least one. @throws DomainError `not-finite` or `bad-count` */
export function requireShare(count: unknown, total: unknown): readonly [number, number] {
  const whole = requireCount('The total', total)
  const part = requireCount('The count', count)
  if (whole < 1) throw new DomainError('bad-count', 'The total must be at least 1.')
  if (part > whole) throw new DomainError('bad-count', 'The count is more than the total.')
  return [part, whole]
}
