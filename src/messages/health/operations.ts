import { answers, operation } from '../operation'
import type { Health } from './health'

export const healthOperations = {
  'GET /api/health': operation({ answer: answers<Health>() }),
} as const
