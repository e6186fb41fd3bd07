import {
  boolean,
  date,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  unique,
} from 'drizzle-orm/pg-core'
import type { ContainerShape } from '../../core/containers'
import type { HowPlanted } from '../../core/season'
import type {
  ControlMust,
  SeedProtocol,
  TrialEvent,
  TrialKind,
  TrialMeasure,
  TrialRisk,
  Verdict,
} from '../../core/trials'
import { instant, version } from '../columns'
import { containers } from '../containers/tables'
import { lots } from '../media/lotTables'
import { plantings } from '../season/plantingTables'
import { crops } from '../season/tables'

/** What pots are filled with: a version of a mix, a lot, or a material out of its bag. */
export type TrialMedium =
  | { readonly kind: 'mix'; readonly mixId: number; readonly version: number }
  | { readonly kind: 'lot'; readonly lotId: number }
  | { readonly kind: 'bag'; readonly materialId: string }
  /** Of a trial that came from elsewhere: what it was called there. */
  | { readonly kind: 'named'; readonly name: string }

export interface TrialPotSize {
  readonly name: string
  readonly shape: ContainerShape
  readonly headspaceCm: number
}

/** What a closed trial found by its main measure, for lists and for what it bears on. */
export interface TrialOutcome {
  /** By which rule it was judged; left out: the one before a measure was named. */
  readonly rule?: number
  readonly isVoid: boolean
  readonly measure: TrialMeasure
  /** Day after planting on which it decides. */
  readonly day?: number | null
  /** Plant-to-plant variation by measure, percent of the control's mean. */
  readonly cvs: Partial<Record<TrialMeasure, number>>
  /** Block to block by measure, and tray to tray of the share that came up, in the same percent. */
  readonly blockCvs?: Partial<Record<TrialMeasure, number>>
  readonly trayCv?: number | null
  readonly treatments: readonly {
    readonly number: number
    /** null for the control. */
    readonly verdict: Verdict | null
    readonly mean: number | null
    /** Pots that lived, of those that count; null where nothing was planted. */
    readonly alive: number | null
    readonly used: number
    readonly planted: number
    /** g from a litre of mix. */
    readonly yieldPerLitreG: number | null
  }[]
  /** Of a dose series: the highest dose without loss by any measure, percent. */
  readonly noEffectUpTo: number | null
}

/** A question put to pots, and how it is put. */
export const trials = pgTable('trials', {
  id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
  name: text('name').notNull(),
  kind: text('kind').$type<TrialKind>().notNull(),
  question: text('question').notNull(),
  /** Which way of a result is the better one. */
  wish: text('wish').$type<'more' | 'less'>().notNull(),
  must: text('must').$type<ControlMust>().notNull(),
  mustValue: doublePrecision('must_value').notNull(),
  measures: jsonb('measures').$type<readonly TrialMeasure[]>().notNull(),
  /** The one measure that gets the verdict, and on which day after planting; null where it was not named. */
  decides: text('decides').$type<TrialMeasure>(),
  decidesDay: integer('decides_day'),
  /** Days after planting on which it is looked at. */
  checkDays: jsonb('check_days').$type<readonly number[]>().notNull(),
  cropId: text('crop_id').references(() => crops.id),
  how: text('how').$type<HowPlanted>().notNull(),
  /** Seeds or plants in each pot; 0: nothing is sown. */
  perPot: integer('per_pot').notNull(),
  pots: integer('pots').notNull(),
  blocks: boolean('blocks').notNull(),
  columns: integer('columns').notNull(),
  seed: integer('seed').notNull(),
  isBlind: boolean('is_blind').notNull(),
  place: text('place').notNull(),
  potSize: jsonb('pot_size').$type<TrialPotSize>().notNull(),
  protocol: jsonb('protocol').$type<SeedProtocol>().notNull(),
  /** Days on which steps were done, by step. */
  stepsDone: jsonb('steps_done').$type<Readonly<Record<string, string>>>().notNull().default({}),
  /** Plant-to-plant variation it was planned with, percent. */
  cv: doublePrecision('cv').notNull(),
  plantedOn: date('planted_on'),
  closedAt: instant('closed_at'),
  /** What it found, as it was closed; null while it goes on. */
  outcome: jsonb('outcome').$type<TrialOutcome>(),
  lessons: text('lessons'),
  createdAt: instant('created_at').notNull(),
  putAwayAt: instant('put_away_at'),
  version: version(),
})

/** What is compared; number 0 is the control. */
export const trialTreatments = pgTable(
  'trial_treatments',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    trialId: integer('trial_id')
      .notNull()
      .references(() => trials.id, { onDelete: 'cascade' }),
    number: integer('number').notNull(),
    name: text('name').notNull(),
    medium: jsonb('medium').$type<TrialMedium>().notNull(),
    /** What is mixed into it, and its share of the litres. */
    added: jsonb('added').$type<TrialMedium>(),
    dose: doublePrecision('dose').notNull().default(0),
    /** A pot of its own; null: as the trial's. */
    potSize: jsonb('pot_size').$type<TrialPotSize>(),
    care: text('care').notNull().default(''),
    risks: jsonb('risks').$type<readonly TrialRisk[]>().notNull(),
    /** The lot its pots were filled with. */
    lotId: integer('lot_id').references(() => lots.id),
  },
  (table) => [unique('treatments_in_order').on(table.trialId, table.number)],
)

/** A pot of a trial: a container with its planting, seen from the trial. */
export const trialPots = pgTable(
  'trial_pots',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    trialId: integer('trial_id')
      .notNull()
      .references(() => trials.id, { onDelete: 'cascade' }),
    treatmentId: integer('treatment_id')
      .notNull()
      .references(() => trialTreatments.id, { onDelete: 'cascade' }),
    code: text('code').notNull(),
    position: integer('position').notNull(),
    row: integer('row').notNull(),
    column: integer('column').notNull(),
    block: integer('block'),
    replicate: integer('replicate').notNull(),
    /** Of a side by side: what grows in this pot. */
    cropId: text('crop_id').references(() => crops.id),
    containerId: integer('container_id').references(() => containers.id),
    plantingId: integer('planting_id').references(() => plantings.id, { onDelete: 'set null' }),
    /** From which day on it does not count, what happened to it, and the reason in words: it stays listed. */
    excludedOn: date('excluded_on'),
    excludedFor: text('excluded_for').$type<TrialEvent | 'problem'>(),
    excludedWhy: text('excluded_why'),
  },
  (table) => [
    index('trial_pots_by_trial').on(table.trialId),
    index('trial_pots_by_container').on(table.containerId),
  ],
)

/** What a closed trial hands on: the mix to use for a crop, or the most of a material. */
export const trialFindings = pgTable(
  'trial_findings',
  {
    id: integer('id').primaryKey().generatedAlwaysAsIdentity(),
    trialId: integer('trial_id')
      .notNull()
      .references(() => trials.id, { onDelete: 'cascade' }),
    kind: text('kind').$type<'standard' | 'cap'>().notNull(),
    /** null: for whatever grows. */
    cropId: text('crop_id').references(() => crops.id),
    /** Of a standard: what it is made of. Of a cap: what is held below it. */
    medium: jsonb('medium').$type<TrialMedium>().notNull(),
    /** Of a cap: of the litres. */
    maxPercent: doublePrecision('max_percent'),
    at: instant('at').notNull(),
    /** Another took its place, or it was taken back. */
    endedAt: instant('ended_at'),
  },
  (table) => [index('findings_by_trial').on(table.trialId)],
)
