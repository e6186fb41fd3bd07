import type { Observations } from '../../core/bench'
import type { Dimension, HouseholdMeasures } from '../../core/units'
import type { TestKind } from '../../messages/bench/benchViews'
import { readQuantity } from '../../ui/readQuantity'
import type { BodyOf } from '../../ui/request'
import { readNumber } from '../readNumber'
import {
  type BenchField,
  benchFields,
  COUNTS,
  DROPS_TIMED,
  dimensionOf,
  HEIGHTS,
  JARS,
  SEEDLING_POTS,
  WITH_WATER,
} from './benchFields'
import { readClockTime } from './clockPlan'

export type BenchValues = Record<string, string | string[]>

/** An answer before it was looked at: null where nothing can be read, or as it was typed. */
type AsTyped<Answers> = {
  readonly [Key in keyof Answers]: Answers[Key] extends readonly (infer Row extends object)[]
    ? readonly AsTyped<Row>[]
    : unknown
}

/** Reads a field of the form, and keeps under which path its answer is sent. */
type Read = (name: string, path?: string) => unknown

export interface BenchBody<Kind extends TestKind = TestKind> {
  readonly observation: { readonly kind: Kind } & AsTyped<Observations[Kind]>
  /** Field of the form by the path of its answer in the observation. */
  readonly fieldAt: ReadonlyMap<string, string>
}

/**
 * What is sent of a form: each answer in its unit. What cannot be read arrives as it was typed, so that the server names its
 * field; rows without an answer at the end are left out.
 */
export function benchBody<Kind extends TestKind>(
  kind: Kind,
  values: BenchValues,
  measures: HouseholdMeasures,
): BenchBody<Kind> {
  const fieldAt = new Map<string, string>()
  const fields = new Map(benchFields[kind].map((field) => [field.name, field]))
  const read: Read = (name, path = name) => {
    fieldAt.set(path, name)
    const field = fields.get(name)
    return field ? readField(field, values, measures) : null
  }
  return { observation: { kind, ...observed[kind](read, fieldAt) }, fieldAt }
}

/** Water used for a test, as typed; null for tests without. */
export function waterBody(
  kind: TestKind,
  values: BenchValues,
  measures: HouseholdMeasures,
): BodyOf<'POST /api/bench/tests/[id]/finish'>['water'] {
  if (!WITH_WATER.includes(kind)) return null
  const read = (name: string, dimension?: Dimension) => {
    const text = values[name]
    if (typeof text !== 'string' || text.trim() === '') return null
    // What is no number arrives as it was typed, so that the server names its field.
    const value = dimension ? readQuantity(text, dimension, measures).value : readNumber(text)
    return value ?? text
  }
  return {
    tempC: read('waterTempC', 'temperature'),
    ecDsPerM: read('waterEc', 'conductivity'),
    alkalinityMgPerL: read('waterAlkalinity'),
  }
}

function readField(field: BenchField, values: BenchValues, measures: HouseholdMeasures): unknown {
  const value = values[field.name]
  if (field.kind === 'several') return Array.isArray(value) ? value : []
  const text = typeof value === 'string' ? value : ''
  const dimension = dimensionOf(field)
  if (dimension) {
    const bareUnit = field.kind === 'millilitres' ? 'ml' : undefined
    const { value: amount, problem } = readQuantity(text, dimension, measures, bareUnit)
    if (problem) return text
    // Typed millilitres come back through litres: what a float adds is taken off again.
    return amount !== null && field.kind === 'millilitres'
      ? Number((1000 * amount).toFixed(6))
      : amount
  }
  switch (field.kind) {
    case 'number':
      return text.trim() === '' ? null : (readNumber(text) ?? text)
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

const drained = (read: Read): AsTyped<Observations['drain']> => ({
  pouredMl: read('pouredMl'),
  drainedMl: read('drainedMl'),
  stoodOnTop: read('stoodOnTop'),
  firstDripS: read('firstDripS'),
  markS: read('markS'),
  stoppedS: read('stoppedS'),
})
const rows = (count: number) => Array.from({ length: count }, (_, row) => row)

/** Each test's answers from its form. */
const observed: {
  readonly [Kind in TestKind]: (
    read: Read,
    fieldAt: Map<string, string>,
  ) => AsTyped<Observations[Kind]>
} = {
  drain: drained,
  layers: (read) => ({
    ...drained(read),
    bottomMaterialId: read('bottomMaterialId'),
    bottomCm: read('bottomCm'),
    wetZoneCm: read('wetZoneCm'),
  }),
  porosity: (read) => ({
    volumeMl: read('volumeMl'),
    startMoisture: read('startMoisture'),
    addedMl: read('addedMl'),
    drainedMl: read('drainedMl'),
    startMassG: read('startMassG'),
    dryMassG: read('dryMassG'),
  }),
  squeeze: (read) => ({ ball: read('ball'), drops: read('drops') }),
  palm: (read) => {
    const feels = read('feels', 'threads')
    const felt = Array.isArray(feels) ? feels : []
    return {
      // Nothing tapped is no answer.
      threads: felt.length === 0 ? null : felt.includes('threads'),
      grit: felt.includes('grit'),
      stain: felt.includes('stain'),
    }
  },
  wetting: (read, fieldAt) => {
    fieldAt.set('dropsS', 'drop0')
    return {
      dropsS: rows(DROPS_TIMED)
        .filter((row) => isGiven(read(`drop${row}`)))
        .map((row, at) => read(`drop${row}`, `dropsS.${at}`)),
      runsDownSide: read('runsDownSide'),
      gapMm: read('gapMm'),
    }
  },
  settling: (read, fieldAt) => {
    fieldAt.set('heightsCm', 'height0')
    const heights = rows(HEIGHTS).map((row) => read(`height${row}`, `heightsCm.${row}`))
    return { heightsCm: heights.slice(0, Math.max(2, lastGiven(heights) + 1)) }
  },
  phEc: (read) => ({
    method: read('method'),
    ph: read('ph'),
    penId: read('penId'),
    ecDsPerM: read('ecDsPerM'),
    tempC: read('tempC'),
    compensated: read('compensated'),
    waterEcDsPerM: read('waterEcDsPerM'),
  }),
  jar: (read, fieldAt) => {
    fieldAt.set('points', 'ph0')
    const points = rows(JARS).map((row) => ({
      gPerL: read(`dose${row}`, `points.${row}.gPerL`),
      ph: read(`ph${row}`, `points.${row}.ph`),
    }))
    const count = Math.max(3, lastGiven(points.map(({ ph }) => ph)) + 1)
    return {
      amendmentId: read('amendmentId'),
      target: read('target'),
      days: read('days'),
      points: points.slice(0, count),
    }
  },
  seedling: (read, fieldAt) => {
    fieldAt.set('pots', 'sown0')
    return {
      signs: read('signs'),
      sownAs: read('sownAs') || null,
      days: read('daysSown', 'days'),
      useSharePercent: read('useSharePercent'),
      pots: rows(SEEDLING_POTS)
        .filter(
          (row) => row === 0 || isGiven(read(`sown${row}`)) || isGiven(read(`sprouted${row}`)),
        )
        .map((row, at) => ({
          sharePercent: read(`share${row}`, `pots.${at}.sharePercent`),
          sown: read(`sown${row}`, `pots.${at}.sown`),
          sprouted: read(`sprouted${row}`, `pots.${at}.sprouted`),
          heightMm: read(`heightMm${row}`, `pots.${at}.heightMm`),
          curled: read(`curled${row}`, `pots.${at}.curled`) ?? 0,
        })),
    }
  },
  weeds: (read, fieldAt) => {
    fieldAt.set('counts', 'count0')
    return {
      areaCm2: read('areaCm2'),
      litres: read('litres'),
      counts: rows(COUNTS)
        .filter((row) => row === 0 || isGiven(read(`count${row}`)))
        .map((row, at) => ({
          on: read(`day${row}`, `counts.${at}.on`),
          count: read(`count${row}`, `counts.${at}.count`),
        })),
      untreatedAreaCm2: read('untreatedAreaCm2'),
      untreatedCount: read('untreatedCount'),
    }
  },
  heat: (read) => ({ problemId: read('problemId'), readings: [] }),
  sieve: (read) => ({
    litresIn: read('litresIn'),
    litresOut: read('litresOut'),
    woodyLitres: read('woodyLitres'),
  }),
  look: (read) => ({
    smell: read('smell'),
    sights: read('sights'),
    searched: read('searched'),
  }),
}

const isGiven = (value: unknown) => value !== null && value !== undefined && value !== ''

function lastGiven(values: readonly unknown[]): number {
  return values.findLastIndex((value) => value !== null && value !== '')
}
