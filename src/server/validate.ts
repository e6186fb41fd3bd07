import type Joi from 'joi'
import { Refused } from './problem'

/** A body deeper than this is no form of ours, and recursion over it could end the process. */
const DEEPEST = 12
const MOST_FIELDS_TOLD = 50

/** What a person says, where a rule has no sentence of its own. */
const PLAIN = {
  'number.base': '{{#label}} must be a number',
  'number.max': '{{#label}}: at most {{#limit}}',
  'number.min': '{{#label}}: at least {{#limit}}',
  'any.required': '{{#label}} is missing',
}

/**
 * Checks a value against its schema and collects what is wrong at each field.
 * @param fromText numbers may arrive as text (addresses), not so in JSON
 * @throws Refused 422
 */
export function validate<T>(
  schema: Joi.ObjectSchema<T> | undefined,
  value: unknown,
  fromText: boolean,
): T {
  if (!schema) return value as T
  if (isDeeper(value, DEEPEST)) {
    throw new Refused(422, 'not-valid', 'What arrived is nested too deeply.')
  }
  const result = schema.validate(value, {
    abortEarly: false,
    convert: fromText,
    errors: { wrap: { label: false }, label: 'key' },
    messages: PLAIN,
  })
  if (!result.error) return result.value
  const fields = result.error.details.slice(0, MOST_FIELDS_TOLD).map(({ path, message }) => ({
    field: path.join('.'),
    message: `${message.charAt(0).toUpperCase()}${message.slice(1)}.`,
  }))
  const sentence = fields.map(({ message }) => message).join(' ')
  throw new Refused(422, 'not-valid', sentence, fields)
}

function isDeeper(value: unknown, levels: number): boolean {
  if (typeof value !== 'object' || value === null) return false
  if (levels === 0) return true
  return Object.values(value).some((inner) => isDeeper(inner, levels - 1))
}
