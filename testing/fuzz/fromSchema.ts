import type Joi from 'joi'
import { between, pick, type Random } from '../random'

/** The part of Joi's description of a schema that values are made from. */
interface Described {
  readonly type?: string
  readonly flags?: { readonly only?: boolean; readonly presence?: string; readonly label?: string }
  readonly allow?: readonly unknown[]
  readonly rules?: readonly { readonly name: string; readonly args?: { readonly limit?: number } }[]
  readonly keys?: Readonly<Record<string, Described>>
  readonly patterns?: readonly { readonly schema?: Described; readonly rule: Described }[]
  readonly items?: readonly Described[]
  readonly matches?: readonly Match[]
  readonly whens?: readonly Match[]
  readonly metas?: readonly { readonly text?: string; readonly max?: number }[]
}

interface Match {
  readonly schema?: Described
  readonly then?: Described
  readonly otherwise?: Described
  readonly switch?: readonly { readonly then?: Described }[]
}

export interface Words {
  /** Names of rows that are there, by what a field that wants one says in its label: material, crop, product. */
  keys: Readonly<Record<string, readonly string[]>>
  /** Numbers of rows that are there, by the same; refreshed while requests make new ones. */
  ids: Readonly<Record<string, readonly number[]>>
  /** What makes sense in a field of that label; refreshed too. */
  named: Readonly<Record<string, readonly string[]>>
  /** Texts that might do harm where they are shown. */
  readonly texts: readonly string[]
}

const LEFT_OUT = 0.3
/** Of all that has a lowest and a highest: where rules and columns end is where they differ. */
const EDGE = 0.03
/** Seldom: the garden grows by it, and every later request takes longer. */
const LONG = 0.005
const LONGEST = 60
const NULL = 0.15
const MOST_ITEMS = 4
const ALL_THE_SAME = 0.1
const HIGHEST_ID = 14

/** A value that a schema would take: what it cannot know (which rows are there) is drawn from what is given. */
export function fromSchema(schema: Joi.Schema, words: Words, random: Random): unknown {
  return make(schema.describe() as Described, words, random)
}

function make(described: Described, words: Words, random: Random): unknown {
  const { flags, allow = [], whens, type } = described
  const values = allow.filter((value) => typeof value !== 'object' || value === null)
  if (flags?.only) return pick(random, values)
  if (values.length > 0 && random() < NULL) return pick(random, values)
  const branch = whens?.flatMap((when) => thensOf(when)) ?? []
  // A number or text that depends on another field is drawn without looking at that.
  const depends = type === 'object' || type === 'any' || type === undefined
  if (depends && branch.length > 0) return make(pick(random, branch), words, random)
  switch (type) {
    case 'object':
      return makeObject(described, words, random)
    case 'array':
      return makeArray(described, words, random)
    case 'number':
      return makeNumber(described, words, random)
    case 'string':
      return makeText(described, words, random)
    case 'boolean':
      return random() < 0.5
    case 'alternatives':
      return make(pick(random, (described.matches ?? []).flatMap(thensOf)), words, random)
    default:
      return pick(random, ['x', 1, null])
  }
}

function thensOf(match: Match): readonly Described[] {
  if (match.schema) return [match.schema]
  const branches = [match.then, match.otherwise, ...(match.switch ?? []).map(({ then }) => then)]
  // A branch that nothing may take is there for its sentence only.
  return branches.flatMap((branch) =>
    branch && branch.flags?.presence !== 'forbidden' ? [branch] : [],
  )
}

function makeObject(described: Described, words: Words, random: Random): unknown {
  const made: Record<string, unknown> = {}
  for (const [name, inner] of Object.entries(described.keys ?? {})) {
    if (inner.flags?.presence !== 'required' && random() < LEFT_OUT) continue
    made[name] = make(inner, words, random)
  }
  for (const { schema, rule } of described.patterns ?? []) {
    for (let i = between(random, 0, 3); i > 0; i--) {
      made[String(make(schema ?? { type: 'string' }, words, random))] = make(rule, words, random)
    }
  }
  return made
}

function makeArray(described: Described, words: Words, random: Random): unknown {
  const least = limitOf(described, 'min') ?? 0
  const allowed = limitOf(described, 'max') ?? MOST_ITEMS
  const isEdge = random() < LONG
  const most = Math.min(allowed, isEdge ? LONGEST : Math.max(least, MOST_ITEMS))
  const item = described.items?.[0] ?? { type: 'string' }
  const made = Array.from({ length: isEdge ? most : between(random, least, most) }, () =>
    make(item, words, random),
  )
  const isUnique = described.rules?.some(({ name }) => name === 'unique') ?? false
  // Mostly each once, where only that is taken.
  if (!isUnique || random() < ALL_THE_SAME) return made
  // Things that have a name are told apart by it.
  const told = (one: unknown) => JSON.stringify((one as { name?: unknown } | null)?.name ?? one)
  return [...new Map(made.map((one) => [told(one), one])).values()]
}

function makeNumber(described: Described, words: Words, random: Random): number {
  const whole = described.rules?.some(({ name }) => name === 'integer') ?? false
  const low = limitOf(described, 'min') ?? limitOf(described, 'greater') ?? -100
  const high = limitOf(described, 'max') ?? 1000
  const label = described.flags?.label ?? ''
  if (random() < EDGE) return pick(random, [low, high])
  const ids = words.ids[label.toLowerCase().replace(/^the (number of the )?/, '')] ?? []
  if (ids.length > 0 && random() < 0.8) return pick(random, ids)
  // Most rows were never changed, so most requests name the lowest version.
  if (label === 'The version' && random() < 0.6) return low
  if (whole) return between(random, low, Math.min(high, low + HIGHEST_ID))
  // Mostly of the size a grower types, now and then anything that is allowed.
  const span = random() < 0.8 ? Math.min(high - low, 40) : high - low
  return low + random() * span
}

function makeText(described: Described, words: Words, random: Random): string {
  const [meta] = described.metas ?? []
  if (random() < EDGE) {
    if (meta?.text === 'day') return pick(random, ['1900-01-01', '2200-12-31'])
    if (meta?.text === 'moment') return pick(random, ['1900-01-01T00:00Z', '2200-12-31T23:59:59Z'])
    if (meta?.max !== undefined) return 'ß'.repeat(meta.max)
  }
  const named = words.named[described.flags?.label ?? ''] ?? []
  if (named.length > 0 && random() < 0.8) return pick(random, named)
  switch (meta?.text) {
    case 'ids':
      return pick(random, ['', '1', '1,2,3', '4,4', '99999'])
    case 'key':
      return makeKey(described.flags?.label ?? '', words, random)
    case 'day':
      // The day before the garden's clock: what has begun can end on it.
      if (random() < 0.3) return '2026-11-01'
      return `20${between(random, 10, 30)}-${two(between(random, 1, 12))}-${two(between(random, 1, 28))}`
    case 'zone':
      return pick(random, ['Europe/London', 'Pacific/Auckland', 'UTC'])
    case 'moment':
      return `2026-10-${two(between(random, 1, 31))}T0${between(random, 0, 9)}:15:30Z`
    default:
      return pick(random, words.texts).slice(0, meta?.max ?? 20)
  }
}

const UNKNOWN = 0.1

function makeKey(label: string, { keys }: Words, random: Random): string {
  if (random() < UNKNOWN) return 'unknown-one'
  const fitting = Object.entries(keys).filter(([word]) => label.toLowerCase().includes(word))
  const from = fitting.length > 0 ? fitting : Object.entries(keys)
  return pick(
    random,
    from.flatMap(([, names]) => names),
  )
}

function limitOf({ rules }: Described, name: string): number | undefined {
  return rules?.find((rule) => rule.name === name)?.args?.limit
}

function two(value: number): string {
  return String(value).padStart(2, '0')
}
