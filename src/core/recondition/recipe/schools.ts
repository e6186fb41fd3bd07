import type { Crop } from '../../chemistry'
import type { RungId } from '../ladder'
import type { Triage } from '../triage'
import { CLEANING_LOSS, type RootMass } from './intake'
import type { FeedSchool } from './recipeTypes'

/** Where good growers disagree: how this garden works. */
export interface Schools {
  /** Of parts, as far as salts, lime, nitrogen and air allow it. */
  readonly compostShare: number
  readonly feed: FeedSchool
  /** Only against what was found; before every sowing as well; never: rest and rotation instead. */
  readonly heat: 'when-needed' | 'before-seed' | 'never'
  /** Fine ones stay for air; everything is sieved; leaves and wood are taken out as well. */
  readonly roots: 'leave-fine' | 'sieve' | 'take-wood'
  /** As much coarse material as this pot and crop need; or a fifth in everything. */
  readonly aggregate: 'as-needed' | 'habit'
  /** A new mix: bagged as it is; a bag with what pot and crop ask for; from ingredients. */
  readonly newMix: 'bag' | 'adjust' | 'make'
  /** How far a lot is reconditioned: the ways are held against each other; or one of them straight away. */
  readonly way: 'compare' | RungId
  /** Until what was added is safe to plant into; or planted the same day, its risk named. */
  readonly wait: 'until-safe' | 'at-once'
  /** Emptied, sorted and mixed; or forked over and topped up where it stands, wherever that can be done. */
  readonly place: 'tipped' | 'in-place'
  /** A strong jet, and a disinfectant after a disease; or a disinfectant each time. */
  readonly wash: 'jet' | 'disinfect'
  /** What is left over and goes to the open ground: on top of a bed, or dug into it. */
  readonly surplus: 'mulch' | 'bed'
  /** What may go in beside: evidence for a season's benefit is thin in a mix with compost. */
  readonly minerals: 'none' | 'minerals' | 'inoculant' | 'both'
}

export const DEFAULT_SCHOOLS: Schools = {
  compostShare: 0.3,
  feed: 'organic',
  heat: 'when-needed',
  roots: 'leave-fine',
  aggregate: 'as-needed',
  newMix: 'bag',
  way: 'compare',
  wait: 'until-safe',
  place: 'tipped',
  wash: 'jet',
  surplus: 'mulch',
  minerals: 'none',
}

/** A habit that forgives a wet year: between 15 and 30 %. */
const HABIT_SHARE = 0.2
/** What more is lost when more is taken out; our own estimates. */
const TAKEN_OUT: Readonly<Record<Schools['roots'], number>> = {
  'leave-fine': 1,
  'take-wood': 1.3,
  sieve: 1.6,
}
const MOST_LOST = 0.5
/** Kills damping off and most pests of seedlings. */
const SEED_HEAT = { tempC: 60, minutes: 30 }

/** Share of parts that goes in whatever the pot; undefined where it is worked out. */
export function aggregateHabit({ aggregate }: Pick<Schools, 'aggregate'>): number | undefined {
  return aggregate === 'habit' ? HABIT_SHARE : undefined
}

/** Share of a lot that is lost in cleaning, by its roots and by what is taken out. */
export function cleaningLoss(rootMass: RootMass, { roots }: Pick<Schools, 'roots'>): number {
  return Math.min(MOST_LOST, CLEANING_LOSS[rootMass] * TAKEN_OUT[roots])
}

/** Heat before seed is sown, where that is the custom and nothing asks for more of it. */
export function heatBeforeSeed<Judged extends Pick<Triage, 'actions' | 'heat'>>(
  judged: Judged | null,
  { kind }: Pick<Crop, 'kind'>,
  { heat }: Pick<Schools, 'heat'>,
): Pick<Triage, 'actions' | 'heat'> | null {
  if (heat !== 'before-seed' || kind !== 'seedling') return judged
  if (judged?.actions.includes('heat')) return judged
  return { ...judged, actions: [...(judged?.actions ?? []), 'heat'], heat: SEED_HEAT }
}
