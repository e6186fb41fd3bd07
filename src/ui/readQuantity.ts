import { DomainError } from '../core/errors'
import { type Dimension, parseQuantity } from '../core/units'

/** What a typed quantity means in L, g, cm, cm², dS/m or °C: a value, nothing yet, or a sentence why not. */
export function readQuantity(
  text: string,
  dimension: Dimension,
  measures: Parameters<typeof parseQuantity>[0]['measures'],
  bareUnit?: string,
): {
  readonly value: number | null
  readonly problem: string | null
  /** It only takes the factor of the salt meter. */
  readonly asksPpm?: boolean
} {
  if (text.trim() === '') return { value: null, problem: null }
  try {
    const quantity = parseQuantity({
      text,
      dimension,
      ...(measures ? { measures } : {}),
      ...(bareUnit ? { bareUnit } : {}),
    })
    return { value: quantity.value, problem: null }
  } catch (error) {
    if (error instanceof DomainError) {
      return { value: null, problem: error.message, asksPpm: error.details.asksPpm === true }
    }
    throw error
  }
}
