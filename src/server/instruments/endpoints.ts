import { instrumentsOperations } from '../../messages/instruments/operations'
import { endpoints } from '../endpoints'
import { balanceView, layOnPan } from '.'

export const instrumentsEndpoints = endpoints(instrumentsOperations, {
  'GET /api/instruments/balance': async () => balanceView(),
  'PUT /api/instruments/balance/pan': ({ db, body }) => layOnPan(db, body),
})
