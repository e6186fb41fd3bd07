import { accessIdSchema } from '../../../../../messages/access'
import { nothing } from '../../../../../messages/rules'
import { endToken } from '../../../../../server/access'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: accessIdSchema,
  body: nothing,
  needs: 'keys',
  besideGarden: true,
  handle: ({ params }) => endToken(params.id),
})
