import type { Observation, TestKind } from '../../messages/bench/benchViews'
import { elapsed } from '../../ui/elapsed'
import { type BenchValues, benchBody } from './benchBody'
import { type BenchField, benchFields, SEEDLING_POTS } from './benchFields'

const ANY = '1'
const MEASURES = { cupL: 1, scoopL: 1, bucketL: 1, barrowL: 1, handfulL: 1 }

/** The answers of a finished test as they would be typed into its form, to be put right. */
export function benchValues(observation: Observation): BenchValues {
  const { kind } = observation
  const values: BenchValues = {}
  // Where each answer of a form that is filled everywhere is sent: the way back.
  const { fieldAt } = benchBody(kind, filled(kind), MEASURES)
  const fields = new Map(benchFields[kind].map((field) => [field.name, field]))
  for (const [path, name] of fieldAt) {
    const field = fields.get(name)
    const value = at(observation, path)
    if (field && value !== undefined) values[name] = typedAs(field, value)
  }
  if (observation.kind === 'palm') {
    const felt = (['threads', 'grit', 'stain'] as const).filter((one) => observation[one])
    values.feels = felt.length > 0 ? [...felt] : ['nothing']
  }
  if (observation.kind === 'seedling') {
    for (let row = 0; row < SEEDLING_POTS; row++) {
      const pot = observation.pots[row]
      values[`share${row}`] = pot ? String(pot.sharePercent) : ''
      values[`sown${row}`] = pot ? String(pot.sown) : ''
      values[`sprouted${row}`] = pot ? String(pot.sprouted) : ''
      values[`heightMm${row}`] = pot?.heightMm == null ? '' : String(pot.heightMm)
      values[`curled${row}`] = pot?.curled ? String(pot.curled) : ''
    }
    values.daysSown = observation.days == null ? '' : String(observation.days)
    values.useSharePercent = String(observation.useSharePercent ?? 100)
    values.sownAs = observation.sownAs ?? ''
  }
  return values
}

function filled(kind: TestKind): BenchValues {
  return Object.fromEntries(
    benchFields[kind].map(({ kind, name }) => [name, kind === 'several' ? [ANY] : ANY]),
  )
}

function at(from: unknown, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>((inside, key) => (inside as Record<string, unknown> | null)?.[key], from)
}

function typedAs({ kind }: BenchField, value: unknown): string | string[] {
  if (kind === 'several') return Array.isArray(value) ? value.map(String) : []
  if (kind === 'check') return value ? 'yes' : 'no'
  if (value === null || typeof value === 'object') return ''
  switch (kind) {
    case 'time':
      return elapsed(Number(value))
    case 'millilitres':
      return `${value} mL`
    case 'litres':
      return `${value} L`
    case 'grams':
      return `${value} g`
    case 'cm':
      return `${value} cm`
    default:
      return String(value)
  }
}
