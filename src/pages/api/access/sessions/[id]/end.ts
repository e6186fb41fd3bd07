import { accessIdSchema } from '../../../../../messages/access'
import { nothing } from '../../../../../messages/rules'
import { signOut } from '../../../../../server/access'
import { defineEndpoint } from '../../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: accessIdSchema,
  body: nothing,
  needs: 'keys',
  besideGarden: true,
  handle: ({ params }) => signOut(params),
})
