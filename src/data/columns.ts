import { customType, integer, timestamp } from 'drizzle-orm/pg-core'

/** Raised by one with each edit: a write that names an older version is refused with what changed. */
export const version = () => integer('version').notNull().default(1)

/** Bytes as they are. */
export const bytes = customType<{ data: Uint8Array }>({ dataType: () => 'bytea' })

/** All times are kept in UTC; the site's zone is applied where they are shown. */
export const instant = (name: string) => timestamp(name, { withTimezone: true, mode: 'date' })
