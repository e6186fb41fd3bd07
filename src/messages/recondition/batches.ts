import Joi from 'joi'
import type { LotTriage, TriageRule } from '../../core/recondition'
import type { LotRow } from '../media/lotViews'
import { id, ids, line, lines, MOST_CHOSEN } from '../rules'

/** Lots that are tipped together into one heap. */
export interface NewHeap {
  readonly lots: readonly number[]
  readonly name: string
  /** Why they come together although something found speaks against it; empty where nothing does. */
  readonly despite: string
}

export interface HeapAnswer {
  /** The heap is a lot of its own, in the store. */
  readonly lotId: number
  readonly litres: number
  /** Pots that are empty now. */
  readonly potIds: readonly number[]
}

export const newHeapSchema = Joi.object<NewHeap>({
  lots: Joi.array()
    .items(id('The lot'))
    .min(2)
    .max(200)
    .unique()
    .required()
    .label('The lots')
    .messages({
      'array.min': 'Choose at least two lots to tip together',
      'any.required': 'Choose at least two lots to tip together',
    }),
  name: line('The name', 80).required().messages({
    'string.empty': 'Give the heap a name',
    'any.required': 'Give the heap a name',
  }),
  despite: lines('The reason', 300).allow('').default(''),
})

/** A lot that waits, as far as batches are made of it. */
export interface BatchLotView extends Pick<LotRow, 'id' | 'name' | 'where' | 'litres' | 'strata'> {
  readonly triage: LotTriage | null
  readonly reasons: readonly { readonly problemName: string; readonly rule: TriageRule }[]
  readonly potIds: readonly number[]
  /** Why it cannot be tipped out now; null where it can. */
  readonly stands: 'growing' | 'order' | null
}

export interface BatchesPage {
  readonly lots: readonly BatchLotView[]
  readonly chosen: readonly number[]
}

export interface BatchesQuery {
  readonly lots?: string
}

export const batchesQuerySchema = Joi.object<BatchesQuery>({
  lots: ids('The lots', MOST_CHOSEN),
}).unknown()
