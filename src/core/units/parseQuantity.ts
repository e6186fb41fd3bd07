import { DomainError } from '../errors'
import { DEFAULT_MEASURES, type Dimension, type HouseholdMeasures, unitsOf } from './units'

export interface Quantity {
  /** The number as typed, before conversion. */
  readonly typed: number
  /** The unit understood, in its first spelling. */
  readonly unit: string
  /** In L, g, cm, cm², dS/m or °C. */
  readonly value: number
}

const BASE_UNIT: Readonly<Record<Dimension, string>> = {
  volume: 'l',
  mass: 'g',
  length: 'cm',
  area: 'cm²',
  conductivity: 'ds/m',
  temperature: '°c',
}
/** Numbers that are said rather than written. */
const SAID: readonly (readonly [RegExp, string])[] = [
  [/^(?:a\s+)?half(?:\s+of)?(?:\s+an?)?\s+/, '1/2 '],
  [/^(?:a\s+)?quarter(?:\s+of)?(?:\s+an?)?\s+/, '1/4 '],
  [/^(?:an?|one)\s+/, '1 '],
  [/^two\s+/, '2 '],
  [/^three\s+/, '3 '],
  [/^four\s+/, '4 '],
  [/^five\s+/, '5 '],
  [/^six\s+/, '6 '],
]
const FEET_AND_INCHES =
  /^(\d+)\s*(?:ft|foot|feet|')\s*(\d+(?:[.,]\d+)?)\s*(?:in|inch|inches|"|'')?$/
/** Length times width, the unit after either or both. */
const SIDES =
  /^(\d+(?:[.,]\d+)?)\s*(cm|mm|m|in|ft|")?\s*[x×*]\s*(\d+(?:[.,]\d+)?)\s*(cm|mm|m|in|ft|")?$/
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
 * A comma is a decimal comma. Without a unit the number is in L, g, cm, cm², dS/m or °C, or in the unit of its field.
 * @returns the value in L, g, cm, cm², dS/m or °C, and what was understood
 * @throws DomainError `bad-argument` for letters where a number should be or a unit of another kind,
 *   `out-of-range` for a negative quantity; its details name
 *   `asksPpm` where it only takes the factor of the salt meter
 * @example parseQuantity({ text: '2 1/2 cups', dimension: 'volume' }).value // 0.59
 */
export function parseQuantity({
  text,
  dimension,
  measures = DEFAULT_MEASURES,
  bareUnit = BASE_UNIT[dimension],
}: {
  text: string
  dimension: Dimension
  measures?: HouseholdMeasures
  /** What a number without a unit is in: the unit that stands at its field. */
  bareUnit?: string
}): Quantity {
  const written = text
    .replace(/[¼½¾⅓⅔⅛]/g, (sign) => VULGAR[sign] ?? sign)
    .replace(/[−–]/g, '-')
    .trim()
    .toLowerCase()
    .replace(/\s+/g, ' ')
  const together = dimension === 'length' ? feetAndInches(written) : null
  if (together !== null) return { typed: together / 2.54, unit: 'in', value: together }
  const sides = dimension === 'area' ? sidesOf(written) : null
  if (sides !== null) return { typed: sides, unit: 'cm²', value: sides }
  const plain = asNumber(written, dimension, measures)
  const match = NUMBER.exec(plain)
  if (!match) {
    throw new DomainError('bad-argument', `"${text}" does not start with a number.`, { text })
  }
  const typed = numberFrom(match, text)
  if (typed < 0 && dimension !== 'temperature') {
    throw new DomainError('out-of-range', 'A quantity cannot be negative.', { text })
  }
  const word = plain.slice(match[0].length).replace(/\.$/, '').replace(/\s+/g, ' ')
  const name = word === '' ? bareUnit : word
  if (dimension === 'conductivity' && name === 'ppm' && !measures.ppmPerDsM) {
    throw new DomainError(
      'bad-argument',
      'Meters count ppm in three ways: say how many yours shows for 1 mS/cm.',
      { text, asksPpm: true },
    )
  }
  const unit = unitsOf(dimension, measures).find(({ names }) => names.includes(name))
  if (!unit) {
    const known = unitsOf(dimension, measures)
      .map(({ names }) => names[0])
      .join(', ')
    throw new DomainError('bad-argument', `"${word}" is not a unit known here (${known}).`, {
      text,
    })
  }
  return { typed, unit: unit.names[0] as string, value: typed * unit.size + (unit.zero ?? 0) }
}

/** "Half a bag" as "1/2 bag"; what is not said of a unit stays as it is. */
function asNumber(text: string, dimension: Dimension, measures: HouseholdMeasures): string {
  for (const [words, number] of SAID) {
    const rest = text.replace(words, '')
    const isUnit = unitsOf(dimension, measures).some(({ names }) => names.includes(rest))
    if (rest !== text && isUnit) return `${number}${rest}`
  }
  return text
}

/** 5 ft 6 in, 5'6", in cm; null for what is said otherwise. */
function feetAndInches(text: string): number | null {
  const found = FEET_AND_INCHES.exec(text)
  if (!found) return null
  const [, feet, inches = '0'] = found
  return Number(feet) * 30.48 + Number(inches.replace(',', '.')) * 2.54
}

const SIDE_CM: Readonly<Record<string, number>> = {
  cm: 1,
  mm: 0.1,
  m: 100,
  in: 2.54,
  '"': 2.54,
  ft: 30.48,
}

/** 30 × 20 cm in cm²; null for what is said otherwise. */
function sidesOf(text: string): number | null {
  const found = SIDES.exec(text)
  if (!found) return null
  const [, one = '', unitOne, two = '', unitTwo] = found
  const cm = (side: string, unit: string) => Number(side.replace(',', '.')) * (SIDE_CM[unit] ?? 1)
  return cm(one, unitOne ?? unitTwo ?? 'cm') * cm(two, unitTwo ?? unitOne ?? 'cm')
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
