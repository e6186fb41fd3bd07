import { findOperations } from '../../messages/find/operations'
import { endpoints } from '../endpoints'
import { findItems } from '.'

export const findEndpoints = endpoints(findOperations, {
  'GET /api/find': ({ db, query: { find = '' } }) => findItems(db, find),
})
