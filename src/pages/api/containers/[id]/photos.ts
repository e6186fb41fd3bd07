import { newPhotoSchema, PHOTO_BODY_BYTES } from '../../../../messages/containers/photos'
import { potParamsSchema } from '../../../../messages/containers/pots'
import { defineEndpoint } from '../../../../server/defineEndpoint'
import { newPhoto } from '../../../../server/photos'

export const POST = defineEndpoint({
  params: potParamsSchema,
  body: newPhotoSchema,
  limitBytes: PHOTO_BODY_BYTES,
  status: 201,
  needs: 'log',
  handle: ({ db, params, body, now }) => newPhoto(db, params.id, body, now),
})
