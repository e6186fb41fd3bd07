import Joi from 'joi'
import type { TestKind } from '../../core/bench'
import { line } from '../rules'

export interface FindQuery {
  readonly find?: string
}

export const findQuerySchema = Joi.object<FindQuery>({
  find: line('What to find', 80).allow(''),
})

/** What can be gone to by its name, as the server knows it: the first that fit, of each kind. */
export interface FindAnswer {
  readonly lots: readonly { readonly id: number; readonly name: string }[]
  readonly pots: readonly {
    readonly id: number
    readonly code: string
    readonly name: string
    readonly place: string
    readonly lotId: number | null
    readonly lotName: string | null
  }[]
  readonly places: readonly string[]
  readonly mixes: readonly { readonly id: number; readonly name: string }[]
  readonly trials: readonly { readonly id: number; readonly name: string }[]
  readonly materials: readonly { readonly id: string; readonly name: string }[]
  /** Work orders that are open. */
  readonly orders: readonly {
    readonly id: number
    readonly lotId: number
    readonly lotName: string
  }[]
  /** Tests that are running. */
  readonly tests: readonly { readonly id: number; readonly kind: TestKind; readonly name: string }[]
}
