import { defineEndpoint } from '../../server/defineEndpoint'
import { healthOf } from '../../server/health'

export const GET = defineEndpoint({ handle: ({ db }) => healthOf(db) })
