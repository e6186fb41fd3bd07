import type { HowPlanted } from '../../core/season'
import type { DesignQuestion, DesignToReview } from '../../core/trials'
import { reviewDesign } from '../../core/trials/reviewDesign'
import {
  type ControlMust,
  MUST_RANGE,
  MUSTS_OF,
  type TrialKind,
  type TrialLight,
  type TrialMeasure,
  type TrialRisk,
  USUAL_MEASURES,
} from '../../core/trials/trialKinds'
import type {
  MediumBody,
  NewTrialBody,
  NewTrialPage,
  PotSizeView,
} from '../../messages/trials/trials'
import { newTrial as words } from '../../ui/texts/newTrial'
import { numberOrTyped, readNumber } from '../readNumber'

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
  amendmentId: '',
  targetPh: '',
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
  checkDays: '',
  cv: '20',
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
    case 'jar':
      return { ...begin, doses: '0, 1, 2, 4', checkDays: '7', pots: '1', perPot: '0' }
  }
}

/** What was chosen of it, as a field holds it. */
export function chosenOf(medium: MediumBody | null): string {
  switch (medium?.kind) {
    case 'mix':
      return `mix:${medium.mixId}:${medium.version}`
    case 'lot':
      return `lot:${medium.lotId}`
    case 'bag':
      return `bag:${medium.materialId}`
    default:
      return ''
  }
}

/** An earlier plan as it would be typed. */
export function valuesOf(plan: NewTrialBody): TrialValues {
  const [control, ...others] = plan.treatments
  const [dosed] = plan.treatments.filter(({ added }) => added !== null)
  return {
    kind: plan.kind,
    question: plan.question,
    name: plan.name,
    wish: plan.wish,
    controlName: control?.name ?? '',
    medium: chosenOf(control?.medium ?? null),
    controlCare: control?.care ?? '',
    must: plan.must,
    mustValue: String(plan.mustValue),
    treatments: others.map((one, index) => ({
      key: index + 1,
      name: one.name,
      medium: chosenOf(one.medium),
      size: one.potSize?.name ?? '',
      care: one.care === control?.care ? '' : one.care,
      risks: one.risks,
    })),
    added: chosenOf(dosed?.added ?? null),
    addedRisks: dosed?.risks ?? [],
    doses: plan.treatments.map(({ dose }) => dose).join(', '),
    amendmentId: plan.jars?.amendmentId ?? '',
    targetPh: plan.jars ? String(plan.jars.targetPh) : '',
    isSown: plan.perPot > 0 || plan.kind !== 'count',
    cropId: plan.cropId ?? '',
    crops: plan.crops,
    how: plan.how,
    perPot: String(plan.perPot),
    pots: String(plan.pots),
    isOwn: false,
    size: plan.potSize.name,
    potIds: [],
    place: plan.place,
    blocks: plan.blocks,
    isBlind: plan.isBlind,
    presoak: String(plan.protocol.presoakHours),
    depth: String(plan.protocol.depthCm),
    bottomWater: plan.protocol.bottomWater,
    light: plan.protocol.light,
    measures: plan.measures,
    checkDays: plan.checkDays.join(', '),
    cv: String(plan.cv),
  }
}

/** What is to be tried out stands where its kind of trial has it. */
export function withCandidate(values: TrialValues, candidate: string): TrialValues {
  if (candidate === '') return values
  if (values.kind === 'dose') return { ...values, added: candidate }
  if (values.kind === 'jar') return { ...values, medium: candidate }
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

export function mediumOf(chosen: string): MediumBody | undefined {
  const [kind, id = '', version = ''] = chosen.split(':')
  switch (kind) {
    case 'lot':
      return { kind, lotId: Number(id) }
    case 'mix':
      return { kind, mixId: Number(id), version: Number(version) }
    case 'bag':
      return { kind, materialId: id }
    default:
      return undefined
  }
}

/** The newest is meant where no version is said. */
export function versionName(
  { name, versions }: NewTrialPage['mixes'][number],
  version: number,
): string {
  return version === versions[0] ? name : words.version(name, version)
}

/** A name for what was chosen, where none was typed. */
export function mediumName(page: NewTrialPage, chosen: string): string {
  const medium = mediumOf(chosen)
  const { lots } = page.choices
  switch (medium?.kind) {
    case 'lot':
      return lots.find(({ id }) => id === medium.lotId)?.name ?? ''
    case 'mix': {
      const mix = page.mixes.find(({ id }) => id === medium.mixId)
      return mix ? versionName(mix, medium.version ?? 0) : ''
    }
    case 'bag':
      return page.materials.find(({ id }) => id === medium.materialId)?.name ?? ''
    default:
      return ''
  }
}

const LONGEST_NAME = 60

/** Name of a treatment as it will be called. */
export function treatmentName(page: NewTrialPage, one: TreatmentValues): string {
  return (one.name.trim() || one.care.trim() || mediumName(page, one.medium)).slice(0, LONGEST_NAME)
}

const isDosed = (kind: TrialKind | '') => kind === 'dose' || kind === 'jar'

/** The treatments as they are sent, the control first. */
function treatmentsOf(values: TrialValues, page: NewTrialPage, usualName: string) {
  const { kind, medium, added } = values
  const plain = { medium: mediumOf(medium), added: null, potSize: null, care: '', risks: [] }
  if (isDosed(kind)) {
    const unit = kind === 'dose' ? '%' : 'g/L'
    return listOf(values.doses).map((dose) => ({
      ...plain,
      name: `${dose} ${unit}`,
      dose,
      added: kind === 'dose' && dose !== 0 ? (mediumOf(added) ?? null) : null,
      risks: dose === 0 ? [] : values.addedRisks,
    }))
  }
  const control = {
    ...plain,
    name: values.controlName.trim() || usualName,
    dose: 0,
    care: values.controlCare,
  }
  const others = values.treatments.map((one) => ({
    name: treatmentName(page, one),
    medium: mediumOf(one.medium || medium),
    added: null,
    dose: 0,
    potSize: values.isOwn ? null : (sizeOf(page, one.size) ?? null),
    care: one.care.trim() || values.controlCare,
    risks: one.risks,
  }))
  return [control, ...others]
}

function sizeOf(page: NewTrialPage, name: string) {
  const size = page.sizes.find((one) => one.name === name)
  return size && bare(size)
}

const bare = ({ name, shape, headspaceCm }: PotSizeView) => ({ name, shape, headspaceCm })

/** What is sent: what is no number goes as it was typed, so that the server names its field. */
export function bodyOf(values: TrialValues, page: NewTrialPage, usualName: string): object {
  const { kind } = values
  const size = page.sizes.find(({ name }) => name === values.size) ?? page.sizes[0]
  return {
    kind: kind || undefined,
    name: values.name,
    question: values.question,
    wish: values.wish,
    must: values.must || undefined,
    mustValue: numberOrTyped(values.mustValue),
    measures: kind === 'jar' ? [] : values.measures,
    checkDays: listOf(values.checkDays),
    cropId: kind === 'side-by-side' || !sowsAny(values) ? null : values.cropId || null,
    crops: kind === 'side-by-side' ? values.crops : [],
    how: values.how,
    perPot: sowsAny(values) ? numberOrTyped(values.perPot) : 0,
    pots: kind === 'jar' ? 1 : numberOrTyped(values.pots),
    blocks: values.blocks,
    isBlind: values.isBlind,
    place: kind === 'jar' ? values.place || 'Bench' : values.place,
    potSize: size && bare(size),
    potIds: values.isOwn && kind !== 'jar' ? values.potIds : [],
    protocol: {
      presoakHours: numberOrTyped(values.presoak),
      depthCm: numberOrTyped(values.depth),
      bottomWater: values.bottomWater,
      light: values.light,
    },
    cv: numberOrTyped(values.cv),
    jars:
      kind === 'jar'
        ? { amendmentId: values.amendmentId || undefined, targetPh: numberOrTyped(values.targetPh) }
        : null,
    treatments: treatmentsOf(values, page, usualName),
  }
}

/** Whether anything is sown or planted on purpose. */
export function sowsAny({ kind, isSown }: Pick<TrialValues, 'kind' | 'isSown'>): boolean {
  return kind !== 'jar' && (kind !== 'count' || isSown)
}

const MOST_POTS = 100
const USUAL_SHARE = 0.8
const PERCENT = 100

/** What the core is asked of the design; null while something is missing. */
export function designQuestion(values: TrialValues): DesignQuestion | null {
  const { kind } = values
  if (!kind) return null
  const treatments = isDosed(kind) ? listOf(values.doses).length : 1 + values.treatments.length
  const pots = readNumber(values.pots)
  const cv = readNumber(values.cv)
  const isWhole = pots !== null && Number.isInteger(pots) && pots >= 1 && pots <= MOST_POTS
  if (kind === 'side-by-side' && values.crops.length === 0) return null
  if (!isWhole || treatments < 2 || cv === null || cv < 1 || cv > 200) return null
  const seeds = values.how === 'sown' && sowsAny(values) ? (readNumber(values.perPot) ?? 0) : 0
  const must = readNumber(values.mustValue)
  const isShare = values.must === 'germination' && must !== null && must > 0 && must <= PERCENT
  const counts = kind === 'dose' || kind === 'count'
  return {
    kind,
    treatments,
    pots,
    blocks: values.blocks,
    crops: values.crops.length,
    seeds: counts && Number.isInteger(seeds) && seeds > 0 ? seeds : 0,
    cv,
    controlShare: isShare ? must / PERCENT : USUAL_SHARE,
  }
}

/** What should be thought over before it is planted; nothing before there is something to think over. */
export function remarksOf(values: TrialValues, page: NewTrialPage, usualName: string) {
  const { kind } = values
  if (!kind) return []
  const pots = readNumber(values.pots) ?? 1
  const days = listOf(values.checkDays).filter((day) => typeof day === 'number')
  const control = { mix: values.medium, dosePercent: 0, pot: '', care: values.controlCare }
  const chosen = values.treatments.filter((one) => one.medium || one.care.trim() || one.size)
  const treatments: DesignToReview['treatments'] = isDosed(kind)
    ? listOf(values.doses).map((dose) => ({
        ...control,
        name: `${dose} ${kind === 'dose' ? '%' : 'g/L'}`,
        dosePercent: typeof dose === 'number' ? dose : 0,
      }))
    : [
        { ...control, name: values.controlName.trim() || usualName },
        ...chosen.map((one) => ({
          name: treatmentName(page, one),
          mix: one.medium || values.medium,
          dosePercent: 0,
          pot: values.isOwn || one.size === values.size ? '' : one.size,
          care: one.care.trim() || values.controlCare,
        })),
      ]
  return reviewDesign({ kind, treatments, pots, blocks: values.blocks, checkDays: days })
}

/** Pots that stand empty, and those that hold a lot which is held against something here. */
export function usablePots(values: TrialValues, page: NewTrialPage): NewTrialPage['freePots'] {
  const chosen = new Set([values.medium, ...values.treatments.map(({ medium }) => medium)])
  return page.freePots.filter(
    ({ id, lotId }) => lotId === null || chosen.has(`lot:${lotId}`) || values.potIds.includes(id),
  )
}

/** Pots that it takes in all. */
export function potsNeeded(values: TrialValues): number {
  const { kind } = values
  if (!kind || kind === 'jar') return 0
  const treatments = kind === 'dose' ? listOf(values.doses).length : 1 + values.treatments.length
  const rows = kind === 'side-by-side' ? values.crops.length : 1
  return treatments * rows * (readNumber(values.pots) ?? 0)
}

/** Another treatment, with a key of its own. */
export function oneMore(treatments: readonly TreatmentValues[]): readonly TreatmentValues[] {
  return [...treatments, treatment(Math.max(0, ...treatments.map(({ key }) => key)) + 1)]
}
