import { DomainError } from '../core/errors'
import { type Dimension, parseQuantity } from '../core/units'

/** What a typed quantity means in L, g or cm: a value, nothing yet, or a sentence why not. */
export function readQuantity(
  text: string,
  dimension: Dimension,
  measures: Parameters<typeof parseQuantity>[0]['measures'],
): { readonly value: number | null; readonly problem: string | null } {
  if (text.trim() === '') return { value: null, problem: null }
  try {
    const quantity = parseQuantity({ text, dimension, ...(measures ? { measures } : {}) })
    return { value: quantity.value, problem: null }
  } catch (error) {
    if (error instanceof DomainError) return { value: null, problem: error.message }
    throw error
  }
}
