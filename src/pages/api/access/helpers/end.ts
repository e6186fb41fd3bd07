import { nothing } from '../../../../messages/rules'
import { endHelpers } from '../../../../server/access'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  body: nothing,
  needs: 'keys',
  besideGarden: true,
  handle: () => endHelpers(),
})
