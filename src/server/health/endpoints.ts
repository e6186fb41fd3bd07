import { healthOperations } from '../../messages/health/operations'
import { endpoints } from '../endpoints'
import { readHealth } from './health'

export const healthEndpoints = endpoints(healthOperations, {
  'GET /api/health': ({ db }) => readHealth(db),
})
