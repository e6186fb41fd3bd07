import { sql } from 'drizzle-orm'
import { defineEndpoint } from '../../server/defineEndpoint'

export const GET = defineEndpoint({
  handle: async ({ db }) => {
    await db.execute(sql`select 1`)
    return { status: 'ok' }
  },
})
