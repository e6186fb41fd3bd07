import type { HowPlanted } from '../../../core/season'
import {
  type ControlMust,
  MUST_RANGE,
  MUSTS_OF,
  mainMeasure,
  type TrialKind,
  type TrialLight,
  type TrialMeasure,
  type TrialRisk,
  USUAL_MEASURES,
} from '../../../core/trials'
import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { readNumber } from '../../readNumber'
import { mediumName } from './trialMedia'

/** A treatment as it stands in the form. */
export interface TreatmentValues {
  readonly key: number
  readonly name: string
  /** Such as "mix:3:1"; empty: not chosen. */
  readonly medium: string
  /** Name of a size; empty: as the trial's. */
  readonly size: string
  readonly care: string
  readonly risks: readonly TrialRisk[]
}

const treatment = (key: number): TreatmentValues => ({
  key,
  name: '',
  medium: '',
  size: '',
  care: '',
  risks: [],
})

/** The form of a trial as typed. */
export const EMPTY_TRIAL = {
  kind: '' as TrialKind | '',
  question: '',
  name: '',
  wish: 'more' as 'more' | 'less',
  controlName: '',
  medium: '',
  controlCare: '',
  must: '' as ControlMust | '',
  mustValue: '',
  treatments: [treatment(1)] as readonly TreatmentValues[],
  added: '',
  addedRisks: [] as readonly TrialRisk[],
  doses: '',
  isSown: true,
  cropId: '',
  crops: [] as readonly string[],
  how: 'planted' as HowPlanted,
  perPot: '1',
  pots: '4',
  isOwn: false,
  size: '',
  potIds: [] as readonly number[],
  place: '',
  blocks: true,
  isBlind: false,
  presoak: '0',
  depth: '1',
  bottomWater: false,
  light: 'outdoors' as TrialLight,
  measures: [] as readonly TrialMeasure[],
  /** Empty: what is usual for such a trial, on the last day. */
  decides: '' as TrialMeasure | '',
  decidesDay: '',
  checkDays: '',
  cv: '',
}

export type TrialValues = typeof EMPTY_TRIAL

/** What a kind of question begins with. */
export function beginAs(kind: TrialKind): Partial<TrialValues> {
  const [must] = MUSTS_OF[kind]
  const begin: Partial<TrialValues> = {
    kind,
    must,
    mustValue: String(MUST_RANGE[must].usual),
    measures: USUAL_MEASURES[kind],
    isSown: true,
    blocks: true,
  }
  switch (kind) {
    case 'side-by-side':
      return { ...begin, how: 'planted', perPot: '1', pots: '1', checkDays: '14, 28, 42, 56' }
    case 'comparison':
      return { ...begin, how: 'planted', perPot: '1', pots: '6', checkDays: '14, 28, 42, 56' }
    case 'dose':
      return {
        ...begin,
        how: 'sown',
        perPot: '5',
        pots: '6',
        doses: '0, 25, 50, 75, 100',
        checkDays: '7, 10, 14, 21',
        presoak: '8',
        depth: '2',
        bottomWater: true,
        light: 'window',
      }
    case 'count':
      return {
        ...begin,
        how: 'sown',
        perPot: '25',
        pots: '4',
        checkDays: '5, 7, 10, 14',
        depth: '1',
        bottomWater: true,
        light: 'window',
      }
  }
}

/** What is to be tried out stands where its kind of trial has it. */
export function withCandidate(values: TrialValues, candidate: string): TrialValues {
  if (candidate === '') return values
  if (values.kind === 'dose') return { ...values, added: candidate }
  const [first, ...others] = values.treatments
  return first ? { ...values, treatments: [{ ...first, medium: candidate }, ...others] } : values
}

/** Weeds are counted where nothing is sown: the control has to show some. */
export function sownAs(isSown: boolean): Partial<TrialValues> {
  const must = isSown ? 'germination' : 'weeds'
  return {
    isSown,
    must,
    mustValue: String(MUST_RANGE[must].usual),
    perPot: isSown ? '25' : '0',
    wish: isSown ? 'more' : 'less',
  }
}

/**
 * Numbers with commas or blanks between, or with semicolons where a comma is a decimal one; what is no number stays as it
 * was typed.
 */
export function listOf(text: string): (number | string)[] {
  return text
    .split(text.includes(';') ? ';' : /[,\s]+/)
    .map((one) => one.trim())
    .filter(Boolean)
    .map((one) => readNumber(one) ?? one)
}

/** Days after planting that were typed, in their order. */
export function daysOf(text: string): number[] {
  return listOf(text)
    .filter((day) => typeof day === 'number')
    .sort((a, b) => a - b)
}

/** What decides as it is planned: what was chosen as long as it is measured, else what is usual, on the last day. */
export function decidingOf(
  { kind, measures, decides, decidesDay, checkDays, cropId, crops }: TrialValues,
  known: NewTrialPage['crops'],
): { readonly measure: TrialMeasure | null; readonly day: number | null } {
  if (!kind || measures.length === 0) return { measure: null, day: null }
  const days = daysOf(checkDays)
  const chosen = readNumber(decidesDay)
  const grown = new Set(kind === 'side-by-side' ? crops : [cropId])
  const isFruit = known.some((crop) => grown.has(crop.id) && crop.bearsFruit)
  return {
    measure:
      decides !== '' && measures.includes(decides) ? decides : mainMeasure(kind, measures, isFruit),
    day: chosen !== null && days.includes(chosen) ? chosen : (days.at(-1) ?? null),
  }
}

const LONGEST_NAME = 60

/** Name of a treatment as it will be called. */
export function treatmentName(page: NewTrialPage, one: TreatmentValues): string {
  return (one.name.trim() || one.care.trim() || mediumName(page, one.medium)).slice(0, LONGEST_NAME)
}

/** Whether anything is sown or planted on purpose. */
export function sowsAny({ kind, isSown }: Pick<TrialValues, 'kind' | 'isSown'>): boolean {
  return kind !== 'count' || isSown
}

/** Another treatment, with a key of its own. */
export function oneMore(treatments: readonly TreatmentValues[]): readonly TreatmentValues[] {
  return [...treatments, treatment(Math.max(0, ...treatments.map(({ key }) => key)) + 1)]
}
