import { changeTreatment } from '../../../../../../data/media'
import {
  treatmentChangeSchema,
  treatmentParamsSchema,
} from '../../../../../../messages/media/treatments'
import { defineEndpoint } from '../../../../../../server/defineEndpoint'

// What was done stays written down: it only stops counting, or counts again; what goes on is ended, or goes on again.
export const PUT = defineEndpoint({
  params: treatmentParamsSchema,
  body: treatmentChangeSchema,
  handle: async ({ db, params, body, now }) => {
    const { counts, goesOn } = body
    await changeTreatment(
      db,
      params.id,
      params.treatmentId,
      counts === undefined
        ? { endedAt: goesOn ? null : now }
        : { takenBackAt: counts ? null : now },
    )
    return body
  },
})
