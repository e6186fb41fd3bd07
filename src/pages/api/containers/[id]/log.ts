import { newLogEntrySchema, potParamsSchema } from '../../../../messages/containers/pots'
import { newLogEntry } from '../../../../server/containers'
import { defineEndpoint } from '../../../../server/defineEndpoint'

export const POST = defineEndpoint({
  params: potParamsSchema,
  body: newLogEntrySchema,
  status: 201,
  needs: 'log',
  handle: ({ db, params, body, now }) => newLogEntry(db, params.id, body, now),
})
