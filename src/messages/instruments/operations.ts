import { answers, operation } from '../operation'
import { type BalanceView, panSchema } from './balance'

export const instrumentsOperations = {
  /** What the balance shows now. */
  'GET /api/instruments/balance': operation({ answer: answers<BalanceView>() }),
  /** Lays something on the simulated balance. */
  'PUT /api/instruments/balance/pan': operation({
    body: panSchema,
    needs: 'log',
    answer: answers<BalanceView>(),
  }),
} as const
