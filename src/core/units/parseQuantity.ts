import { DomainError } from '../errors'
import { DEFAULT_MEASURES, type Dimension, type HouseholdMeasures, unitsOf } from './units'

export interface Quantity {
  /** The number as typed, before conversion. */
  readonly typed: number
  /** The unit understood, in its first spelling. */
  readonly unit: string
  /** In L, g or cm. */
  readonly value: number
}

const BASE_UNIT: Readonly<Record<Dimension, string>> = { volume: 'l', mass: 'g', length: 'cm' }
const VULGAR: Readonly<Record<string, string>> = {
  '¼': ' 1/4',
  '½': ' 1/2',
  '¾': ' 3/4',
  '⅓': ' 1/3',
  '⅔': ' 2/3',
  '⅛': ' 1/8',
}
const NUMBER = /^(-?\d+(?:[.,]\d+)?|-?[.,]\d+)(?:\s+(\d+)\s*\/\s*(\d+))?(?:\s*\/\s*(\d+))?\s*/

/**
 * Reads a quantity as people say it: "2 1/2 cups", "1.5 cu ft", "3 gal", "500 g", "1,5 l", "½ bucket".
 * A comma is a decimal comma. Without a unit the number is in L, g or cm.
 * @returns the value in L, g or cm, and what was understood
 * @throws DomainError `bad-argument` for letters where a number should be or a unit of another kind,
 *   `out-of-range` for a negative quantity
 * @example parseQuantity({ text: '2 1/2 cups', dimension: 'volume' }).value // 0.59
 */
export function parseQuantity({
  text,
  dimension,
  measures = DEFAULT_MEASURES,
}: {
  text: string
  dimension: Dimension
  measures?: HouseholdMeasures
}): Quantity {
  const plain = text
    .replace(/[¼½¾⅓⅔⅛]/g, (sign) => VULGAR[sign] ?? sign)
    .replace(/[−–]/g, '-')
    .trim()
    .toLowerCase()
  const match = NUMBER.exec(plain)
  if (!match) {
    throw new DomainError('bad-argument', `"${text}" does not start with a number.`, { text })
  }
  const typed = numberFrom(match, text)
  if (typed < 0) {
    throw new DomainError('out-of-range', 'A quantity cannot be negative.', { text })
  }
  const word = plain.slice(match[0].length).replace(/\.$/, '').replace(/\s+/g, ' ')
  const name = word === '' ? BASE_UNIT[dimension] : word
  const unit = unitsOf(dimension, measures).find(({ names }) => names.includes(name))
  if (!unit) {
    const known = unitsOf(dimension, measures)
      .map(({ names }) => names[0])
      .join(', ')
    throw new DomainError('bad-argument', `"${word}" is not a unit known here (${known}).`, {
      text,
    })
  }
  return { typed, unit: unit.names[0] as string, value: typed * unit.size }
}

function numberFrom(match: RegExpExecArray, text: string): number {
  const [, whole = '', top, bottom, simpleBottom] = match
  const first = Number(whole.replace(',', '.'))
  const divisor = simpleBottom ?? bottom
  if (divisor !== undefined && Number(divisor) === 0) {
    throw new DomainError('bad-argument', `"${text}" divides by nothing.`, { text })
  }
  if (simpleBottom !== undefined) return first / Number(simpleBottom)
  if (top !== undefined) return first + Number(top) / Number(bottom)
  return first
}
