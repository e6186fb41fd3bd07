import { defineEndpoint } from '../../server/defineEndpoint'
import { findItems } from '../../server/find/findItems'

export const GET = defineEndpoint({ handle: ({ db }) => findItems(db) })
