import { answers, operation } from '../operation'
import { type FindAnswer, findQuerySchema } from './find'

export const findOperations = {
  'GET /api/find': operation({ query: findQuerySchema, answer: answers<FindAnswer>() }),
} as const
