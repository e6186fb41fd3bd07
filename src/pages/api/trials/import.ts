import { PACKAGE_BODY_BYTES, packageSchema } from '../../../messages/trials/packages'
import { defineEndpoint } from '../../../server/defineEndpoint'
import { importTrial } from '../../../server/trials'

export const POST = defineEndpoint({
  body: packageSchema,
  limitBytes: PACKAGE_BODY_BYTES,
  status: 201,
  handle: async ({ db, body, now }) =>
    importTrial(db, new Uint8Array(Buffer.from(body.package, 'base64')), now),
})
