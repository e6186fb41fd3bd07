import type { Dimension, HouseholdMeasures } from '../../core/units'
import type { TestKind } from '../../messages/bench/benchViews'
import { readQuantity } from '../../ui/readQuantity'
import { readNumber } from '../readNumber'
import {
  type BenchField,
  benchFields,
  COUNTS,
  DROPS_TIMED,
  JARS,
  SEEDLING_SHARES,
  WITH_WATER,
} from './benchFields'
import { readClockTime } from './clockPlan'

export type BenchValues = Record<string, string | string[]>

const DIMENSIONS: Readonly<Partial<Record<BenchField['kind'], Dimension>>> = {
  millilitres: 'volume',
  litres: 'volume',
  grams: 'mass',
  cm: 'length',
}

/**
 * What is sent of a form: each answer in its unit. What is no amount arrives as null, so that the server names its field;
 * rows without an answer at the end are left out.
 */
export function benchBody(
  kind: TestKind,
  values: BenchValues,
  measures: HouseholdMeasures,
): Record<string, unknown> {
  const read: Record<string, unknown> = { kind }
  for (const field of benchFields[kind]) read[field.name] = readField(field, values, measures)
  return rowsOf(kind, read)
}

/** Water used for a test, as typed; null for tests without. */
export function waterBody(kind: TestKind, values: BenchValues): unknown {
  if (!WITH_WATER.includes(kind)) return null
  const read = (name: string) => {
    const text = values[name]
    if (typeof text !== 'string' || text.trim() === '') return null
    // What is no number arrives as it was typed, so that the server names its field.
    return readNumber(text) ?? text
  }
  return {
    tempC: read('waterTempC'),
    ecDsPerM: read('waterEc'),
    alkalinityMgPerL: read('waterAlkalinity'),
  }
}

function readField(field: BenchField, values: BenchValues, measures: HouseholdMeasures): unknown {
  const value = values[field.name]
  if (field.kind === 'several') return Array.isArray(value) ? value : []
  const text = typeof value === 'string' ? value : ''
  const dimension = DIMENSIONS[field.kind]
  if (dimension) {
    const amount = readQuantity(text, dimension, measures).value
    // Typed millilitres come back through litres: what a float adds is taken off again.
    return amount !== null && field.kind === 'millilitres'
      ? Number((1000 * amount).toFixed(6))
      : amount
  }
  switch (field.kind) {
    case 'number':
      return readNumber(text)
    case 'time':
      // What is no time arrives as it was typed, so that the server names its field.
      return text.trim() === '' ? null : (readClockTime(text) ?? text)
    case 'check':
      return text === 'yes'
    case 'from':
      if (field.list === 'pens') return text === '' ? null : Number(text)
      return field.list === 'problems' && text === '' ? null : text
    default:
      return text
  }
}

/** Answers that stand in rows of the form, as lists. */
function rowsOf(kind: TestKind, read: Record<string, unknown>): Record<string, unknown> {
  const list = <Row>(count: number, row: (i: number) => Row) =>
    Array.from({ length: count }, (_, i) => row(i))
  const given = (value: unknown) => value !== null && value !== undefined && value !== ''
  switch (kind) {
    case 'palm': {
      const feels = read.feels as string[]
      return {
        kind,
        // Nothing tapped is no answer.
        threads: feels.length === 0 ? null : feels.includes('threads'),
        grit: feels.includes('grit'),
        stain: feels.includes('stain'),
      }
    }
    case 'wetting':
      return {
        kind,
        dropsS: list(DROPS_TIMED, (i) => read[`drop${i}`]).filter(given),
        runsDownSide: read.runsDownSide,
        gapMm: read.gapMm,
      }
    case 'settling': {
      const heights = list(4, (i) => read[`height${i}`])
      return { kind, heightsCm: heights.slice(0, Math.max(2, lastGiven(heights) + 1)) }
    }
    case 'jar': {
      const { amendmentId, target, days } = read
      const jars = list(JARS, (i) => ({ gPerL: read[`dose${i}`], ph: read[`ph${i}`] }))
      const count = Math.max(3, lastGiven(jars.map(({ ph }) => ph)) + 1)
      return { kind, amendmentId, target, days, points: jars.slice(0, count) }
    }
    case 'seedling':
      return {
        kind,
        signs: read.signs,
        pots: SEEDLING_SHARES.map((sharePercent) => ({
          sharePercent,
          sown: read[`sown${sharePercent}`],
          sprouted: read[`sprouted${sharePercent}`],
          heightMm: read[`heightMm${sharePercent}`],
        })).filter(({ sown, sprouted }) => given(sown) || given(sprouted)),
      }
    case 'weeds':
      return {
        kind,
        areaCm2: read.areaCm2,
        counts: list(COUNTS, (i) => ({ on: read[`day${i}`], count: read[`count${i}`] })).filter(
          ({ count }, i) => i === 0 || given(count),
        ),
        untreatedAreaCm2: read.untreatedAreaCm2,
        untreatedCount: read.untreatedCount,
      }
    case 'heat':
      return { ...read, readings: [] }
    default:
      return read
  }
}

function lastGiven(values: readonly unknown[]): number {
  return values.findLastIndex((value) => value !== null && value !== '')
}
