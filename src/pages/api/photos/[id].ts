import { readPhoto } from '../../../data/season'
import { photoParamsSchema } from '../../../messages/containers/photos'
import { Picture } from '../../../server/answerKinds'
import { defineEndpoint } from '../../../server/defineEndpoint'

export const GET = defineEndpoint({
  params: photoParamsSchema,
  handle: async ({ db, params }) => new Picture(await readPhoto(db, params.id), 'image/jpeg'),
})
