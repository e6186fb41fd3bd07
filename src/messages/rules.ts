import Joi from 'joi'

/** The body of a request that says everything by its address. */
export const nothing = Joi.object<Record<string, never>>({}).required()

/** What a column of whole numbers holds. */
const LARGEST_ID = 2 ** 31 - 1
const EARLIEST = '1900-01-01'
const LATEST = '2200-12-31'
export const LARGEST_LITRES = 100_000
/** A teaspoon holds five times as much. */
export const SMALLEST_LITRES = 0.001

/** How a text may look: one line, several lines, or as it stands in a field while it is typed. */
export type TextKind = 'line' | 'lines' | 'typed'

const CONTROL = /[^\P{Cc}\n]/u
/** Half of a pair of surrogates that stands alone. */
const HALF_PAIR = /\p{Cs}/u

const TEXT_MESSAGES = {
  'text.control': '{{#label}} holds a character that cannot be written down: type it again',
  'string.max': '{{#label}} is too long: keep it to {{#limit}} letters',
}

/** The number of a row. */
export function id(label: string): Joi.NumberSchema {
  return Joi.number().integer().min(1).max(LARGEST_ID).label(label).messages({
    'number.max': '{{#label}} is no number that was ever given out',
  })
}

/** Rows of a list that one answer is given for. */
export const MOST_CHOSEN = 500

/** Numbers of rows in an address, as "3,4"; empty for none. */
export function ids(label: string, most: number): Joi.StringSchema {
  return Joi.string()
    .custom((value: string, helpers) => {
      const all = value.split(',').filter(Boolean)
      const areIds = all.every((one) => /^\d{1,10}$/.test(one) && Number(one) <= LARGEST_ID)
      return areIds && all.length <= most ? value : helpers.error('text.ids', { limit: most })
    })
    .allow('')
    .label(label)
    .meta({ text: 'ids' })
    .messages({ 'text.ids': '{{#label}} are at most {{#limit}} numbers such as 3,4' })
}

/** The version a row had when it was read; 0 where it was not written yet. */
export function version(least: 0 | 1 = 1): Joi.NumberSchema {
  // The next one has to fit into its column as well.
  return Joi.number()
    .integer()
    .min(least)
    .max(LARGEST_ID - 1)
    .required()
    .label('The version')
}

/** The name of a row of the shipped tables, such as "perlite-coarse". */
export function key(label: string): Joi.StringSchema {
  return Joi.string()
    .pattern(/^[A-Za-z0-9][A-Za-z0-9_.:-]{0,59}$/)
    .label(label)
    .meta({ text: 'key' })
    .messages({ 'string.pattern.base': '{{#label}} is not in the list' })
}

/** One line of text: trimmed, in one form of its accents, without control characters. */
export function line(label: string, max: number): Joi.StringSchema {
  return text('line', label, max)
}

/** Text that may have line breaks. */
export function lines(label: string, max: number): Joi.StringSchema {
  return text('lines', label, max)
}

/** What stands in a field while it is typed: kept as it is, but for what cannot be kept. */
export function typed(label: string, max: number): Joi.StringSchema {
  return text('typed', label, max)
}

function text(kind: TextKind, label: string, max: number): Joi.StringSchema {
  return Joi.string()
    .custom((value: string, helpers) => {
      const clean = cleanText(value, kind)
      if (clean === null) return helpers.error('text.control')
      if (clean.length > max) return helpers.error('string.max', { limit: max })
      // An empty text is allowed by name only, and then does not come here; a blank one is empty.
      if (clean === '' && kind === 'line' && value !== '') {
        return allowsEmpty(helpers.schema) ? '' : helpers.error('string.empty')
      }
      return clean
    })
    .label(label)
    .meta({ text: kind, max })
    .messages(TEXT_MESSAGES)
}

function allowsEmpty(schema: Joi.Schema): boolean {
  const { allow } = schema.describe() as { allow?: readonly unknown[] }
  return allow?.includes('') ?? false
}

/** The text as it is kept; null for what cannot be. */
export function cleanText(value: string, kind: TextKind): string | null {
  const breaks = value.replace(/\r\n?|\u2028|\u2029|\v|\f/g, '\n').replaceAll('\t', ' ')
  if (CONTROL.test(breaks) || HALF_PAIR.test(breaks)) return null
  const composed = breaks.normalize('NFC')
  if (kind === 'typed') return composed
  return (kind === 'line' ? composed.replaceAll('\n', ' ') : composed).trim()
}

/** A calendar day as 2026-11-02, from 1900 to 2200. */
export function day(label: string): Joi.StringSchema {
  return Joi.string()
    .custom((value: string, helpers) => {
      const known = /^\d{4}-\d{2}-\d{2}$/.test(value) && isDay(value)
      return known && value >= EARLIEST && value <= LATEST ? value : helpers.error('day.none')
    })
    .label(label)
    .meta({ text: 'day' })
    .messages({ 'day.none': '{{#label}} is no day from 1900 to 2200' })
}

/** A moment in UTC, as 2026-11-02T10:00:00Z, from 1900 to 2200. */
export function moment(label: string): Joi.StringSchema {
  return Joi.string()
    .custom((value: string, helpers) => {
      const [on = ''] = value.split('T')
      const form = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d{1,6})?)?(Z|[+-]\d{2}:\d{2})$/
      const known = form.test(value) && isDay(on) && !Number.isNaN(Date.parse(value))
      return known && on >= EARLIEST && on <= LATEST ? value : helpers.error('moment.none')
    })
    .label(label)
    .meta({ text: 'moment' })
    .messages({ 'moment.none': '{{#label}} is no time from 1900 to 2200' })
}

/** A time zone by its name, such as Europe/London. */
export function zone(label: string): Joi.StringSchema {
  return Joi.string()
    .max(60)
    .custom((value: string, helpers) => (isZone(value) ? value : helpers.error('zone.none')))
    .label(label)
    .meta({ text: 'zone' })
    .messages({ 'zone.none': '{{#label}} is not known: choose one from the list' })
}

/** Litres above nothing. */
export function litres(label: string, missing: string): Joi.NumberSchema {
  return Joi.number()
    .min(SMALLEST_LITRES)
    .max(LARGEST_LITRES)
    .required()
    .label(label)
    .messages({
      'number.base': missing,
      'any.required': missing,
      'number.min': '{{#label}} are less than 1 mL: take a part out rather than make it so small',
      'number.max': `{{#label}} are more than ${LARGEST_LITRES / 1000} m³`,
    })
}

/** Litres, or none. */
export function litresOrNone(label: string, missing: string): Joi.AnySchema {
  return litres(label, missing).allow(0)
}

function isZone(value: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: value }).resolvedOptions().timeZone.length > 0
  } catch {
    return false
  }
}

function isDay(value: string): boolean {
  const at = new Date(`${value}T00:00:00Z`)
  return !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === value
}

/** What is said of a pH that no meter can show. */
export const PH_RANGE = {
  'number.max': 'A pH lies between 2 and 12',
  'number.min': 'A pH lies between 2 and 12',
} as const
