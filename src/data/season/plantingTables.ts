import {
  type AnyPgColumn,
  boolean,
  date,
  doublePrecision,
  index,
  integer,
  pgTable,
  text,
} from 'drizzle-orm/pg-core'
import type { Ending, HowPlanted, PotLogKind } from '../../core/season'
import { bytes, instant, version } from '../columns'
import { containers } from '../containers/tables'
import { innings, lotFindings, lots } from '../media/lotTables'
import { crops, problems } from './tables'

/** By a person's word, or with its mix. */
export type WhyEnded = Ending | 'turned over' | 'emptied'

/** What grows in a container, since when, and how it did. */
export const plantings = pgTable(
  'plantings',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    containerId: integer('container_id')
      .notNull()
      .references(() => containers.id),
    lotId: integer('lot_id')
      .notNull()
      .references(() => lots.id),
    inningsId: integer('innings_id')
      .notNull()
      .references(() => innings.id, { onDelete: 'cascade' }),
    cropId: text('crop_id')
      .notNull()
      .references(() => crops.id),
    cultivar: text('cultivar'),
    how: text('how').$type<HowPlanted>().notNull(),
    /** Plants; null where nobody counted them. */
    count: integer('count'),
    startedOn: date('started_on').notNull(),
    endedOn: date('ended_on'),
    /** 1 to 5. */
    growth: integer('growth'),
    harvestG: doublePrecision('harvest_g'),
    endedWhy: text('ended_why').$type<WhyEnded>(),
    note: text('note'),
    /** Why it was planted although something found in the lot speaks against it. */
    despite: text('despite'),
    /** The same plants in the container before. */
    movedFromId: integer('moved_from_id').references((): AnyPgColumn => plantings.id),
    /** The turnover that ended it: taken back with that. */
    workOrderId: integer('work_order_id'),
    version: version(),
  },
  (table) => [
    index('plantings_by_container').on(table.containerId, table.startedOn),
    index('plantings_by_innings').on(table.inningsId),
    index('plantings_by_lot').on(table.lotId),
  ],
)

/** Photos that were taken at containers, made small, with nothing but the picture in them. */
export const photos = pgTable('photos', {
  id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
  bytes: bytes('bytes').notNull(),
  widthPx: integer('width_px').notNull(),
  heightPx: integer('height_px').notNull(),
})

/** What was seen or done at a container, in a word or a number. */
export const potLog = pgTable(
  'pot_log',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    containerId: integer('container_id')
      .notNull()
      .references(() => containers.id),
    plantingId: integer('planting_id').references(() => plantings.id, { onDelete: 'set null' }),
    lotId: integer('lot_id').references(() => lots.id),
    at: instant('at').notNull(),
    kind: text('kind').$type<PotLogKind>().notNull(),
    /** The score, grams harvested, or what was measured of it. */
    value: doublePrecision('value'),
    problemId: text('problem_id').references(() => problems.id),
    /** The finding it became in the lot. */
    findingId: integer('finding_id').references(() => lotFindings.id),
    photoId: integer('photo_id').references(() => photos.id),
    note: text('note'),
    takenBack: boolean('taken_back').notNull().default(false),
    /** The trial for which it was looked at, or which it happened to. */
    trialId: integer('trial_id'),
  },
  (table) => [index('pot_log_by_container').on(table.containerId, table.at)],
)
