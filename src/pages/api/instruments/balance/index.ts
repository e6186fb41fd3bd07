import { defineEndpoint } from '../../../../server/defineEndpoint'
import { balanceView } from '../../../../server/instruments'

/** What the balance shows now. */
export const GET = defineEndpoint({ handle: async () => balanceView() })
