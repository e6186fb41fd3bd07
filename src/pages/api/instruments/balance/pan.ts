import { panSchema } from '../../../../messages/instruments/balance'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { layOnPan } from '../../../../server/instruments'

/** Lays something on the simulated balance. */
export const PUT = defineEndpoint({
  body: panSchema,
  needs: 'log',
  handle: ({ db, body }) => layOnPan(db, body),
})
