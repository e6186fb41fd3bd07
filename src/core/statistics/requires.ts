import { DomainError } from '../errors'

/** @throws DomainError `bad-argument` */
export function requireList(name: string, value: unknown): void {
  if (!Array.isArray(value)) throw new DomainError('bad-argument', `${name} must be a list.`)
}

/** @throws DomainError `not-finite` */
export function requireFinite(name: string, value: unknown): number {
  if (typeof value !== 'number' || !Number.isFinite(value)) {
    throw new DomainError('not-finite', `${name} must be a number.`)
  }
  return value
}

/** @throws DomainError `not-finite`, or `bad-argument` outside the range or, where asked for, between whole numbers */
export function requireIn(
  name: string,
  value: unknown,
  low: number,
  high: number,
  whole = true,
): number {
  const number = requireFinite(name, value)
  if (number < low || number > high || (whole && !Number.isInteger(number))) {
    throw new DomainError(
      'bad-argument',
      `${name} must be a ${whole ? 'whole ' : ''}number from ${low} to ${high}.`,
    )
  }
  return number
}
