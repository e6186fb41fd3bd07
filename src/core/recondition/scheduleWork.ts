import type { Amendment, Crop } from '../chemistry'
import { DomainError } from '../errors'
import type { Material } from '../media'
import { requireObject } from '../validate'
import { addDays, daysBetween } from './days'
import type { WorkVariant } from './intake'
import type { Recipe, RecipeDose, RecipePart, TriageVerdict } from './recipeTypes'
import type { Triage, TriageAction } from './triage/triageTypes'

export type StepKind =
  | 'clear'
  | 'skim'
  | 'aerate'
  | 'heat'
  | 'keep'
  | 'seedling-test'
  | 'tip-out'
  | 'clean'
  | 'rewet'
  | 'lime-apart'
  | 'workable'
  | 'spread'
  | 'powders'
  | 'fold'
  | 'moisten'
  | 'rest'
  | 'retest'
  | 'containers'
  | 'fill'
  | 'leach'
  | 'plant'

export type CautionId =
  | 'legionella'
  | 'dust'
  | 'asbestos'
  | 'moss'
  | 'lime'
  | 'sulfur'
  | 'meals'
  | 'ammonia'
  | 'manure'
  | 'residue'
  | 'lifting'
  | 'run-off'
  | 'heat'
  | 'fumes'
  | 'label'

export type ToolId =
  | 'sheet'
  | 'gloves'
  | 'mask'
  | 'goggles'
  | 'fork'
  | 'bucket'
  | 'scale'
  | 'can'
  | 'meter'
  | 'probe'
  | 'brush'
  | 'tags'

export interface StepAmount {
  readonly id: string
  readonly role: RecipePart['role'] | RecipeDose['role']
  readonly unit: 'L' | 'g'
  readonly planned: number
  readonly text: string
  readonly actual: number | null
}

export interface WorkStep {
  readonly id: string
  readonly kind: StepKind
  readonly amounts: readonly StepAmount[]
  readonly tools: readonly ToolId[]
  readonly minutes: number
  readonly cautions: readonly CautionId[]
  /** ISO date. */
  readonly startsOn: string
  readonly waitDays: number
  readonly waitFor: WaitReason | null
  /** How deep the top is skimmed off, cm. */
  readonly skimCm?: number
  /** How hot the core gets, and for how long. */
  readonly heat?: { readonly tempC: number; readonly minutes: number }
}

export type WaitReason =
  | 'compost'
  | 'organic'
  | 'lime'
  | 'caustic'
  | 'sulfur'
  | 'leach'
  | 'dry'
  | 'aerate'
  | 'heat'
  | 'rest'
  | 'seedlings'

/** Days from mixing until each thing added is safe to plant into or to test. */
const WAIT_DAYS: Readonly<Record<Exclude<WaitReason, 'dry' | 'aerate' | 'rest'>, number>> = {
  compost: 7,
  organic: 14,
  lime: 14,
  caustic: 7,
  sulfur: 28,
  leach: 2,
  heat: 14,
  seedlings: 28,
}

/** Of its label's high rate: above it a meal sets so much ammonia free at first that seedlings burn. */
const RICH_MEAL = 0.5

export interface ScheduleOptions {
  readonly runsDownSide?: boolean
  /** Days to spread it out, as a squeezed handful told. */
  readonly dryDays?: number
  /** Rows behind the recipe's ids, for cautions that depend on the material. */
  readonly materials?: readonly Pick<Material, 'id' | 'group' | 'dustHazard'>[]
  readonly amendments?: readonly Pick<Amendment, 'id' | 'kind' | 'cce' | 'rateHighGPerL'>[]
  /** What is planted. */
  readonly crop?: Pick<Crop, 'kind'>
}

/**
 * Steps of a turnover with amounts, tools, minutes, cautions where they matter, and the earliest day to plant. Salty old
 * mix is leached and caustic lime worked in before anything else, one after the other; waits after mixing run side by side.
 * Minutes are our own estimates per litre moved. So far for lots that are tipped out on a sheet, and for mixes never planted
 * that are used as they are.
 * @param startDate ISO date
 * @throws DomainError `bad-argument` for a way of working that is not known, or a date that is none
 */
export function scheduleWork({
  recipe,
  triage,
  variant,
  startDate,
  options = {},
}: {
  recipe: Recipe
  triage:
    | (TriageVerdict & Partial<Pick<Triage, 'actions' | 'earliestReuse' | 'skimCm' | 'heat'>>)
    | null
  variant: WorkVariant
  startDate: string
  options?: ScheduleOptions
}): { steps: WorkStep[]; readyOn: string; totalMinutes: number } {
  requireObject('The recipe', recipe)
  if (variant !== 'tipped' && variant !== 'unused-bag') {
    throw new DomainError(
      'bad-argument',
      'Only lots that are tipped out, and mixes never planted, can be scheduled so far.',
    )
  }
  const litres = recipe.partLitres
  const wait = longestWait(recipe, options)
  const bulk = recipe.parts.map(amountOfPart)
  const caustic = recipe.doses.filter(({ apart }) => apart)
  const together = recipe.doses.filter(({ apart }) => !apart)
  let day = startDate
  const step = (
    kind: StepKind,
    minutes: number,
    tools: readonly ToolId[],
    cautions: readonly CautionId[],
    amounts: readonly StepAmount[] = [],
  ): WorkStep => ({
    id: kind,
    kind,
    amounts,
    tools,
    minutes: Math.max(1, Math.round(minutes)),
    cautions,
    startsOn: day,
    waitDays: 0,
    waitFor: null,
  })
  /** A step that has to be over before the next begins. */
  const inTurn = (one: WorkStep, waitFor: WaitReason, waitDays: number): WorkStep => {
    day = addDays(day, waitDays)
    return { ...one, waitDays, waitFor: waitDays > 0 ? waitFor : null }
  }
  const asks = (action: TriageAction) => triage?.actions?.includes(action) ?? false
  /** Until a treatment that takes as long as triage says is over. */
  const daysLeft = () => Math.max(0, daysBetween(day, triage?.earliestReuse ?? day))
  addDays(startDate, 0)

  if (variant === 'unused-bag') {
    // Nothing to take out, to clean or to let rest: it is checked, moistened and filled in.
    const fill = step('fill', 4 + 0.2 * litres, ['can', 'gloves'], ['legionella', 'lifting'], bulk)
    const checked = inTurn(
      step('workable', 3, ['can'], ['legionella']),
      'dry',
      options.dryDays ?? 0,
    )
    const fed = recipe.doses.map(amountOfDose)
    const steps = [
      checked,
      ...(fed.length > 0
        ? [step('powders', 6, ['scale', 'bucket'], powderCautions(recipe.doses, options), fed)]
        : []),
      { ...step('containers', 8, ['brush'], []), startsOn: day },
      { ...fill, startsOn: day },
      { ...step('plant', 5 + 0.1 * litres, ['tags'], []), startsOn: day },
    ]
    return {
      steps,
      readyOn: day,
      totalMinutes: steps.reduce((sum, { minutes }) => sum + minutes, 0),
    }
  }
  const steps = [step('clear', 5 + 0.1 * litres, ['tags', 'gloves'], ['legionella'])]
  if (asks('skim')) {
    const skim = step('skim', 2 + 0.05 * litres, ['gloves', 'bucket'], ['dust'])
    steps.push(triage?.skimCm ? { ...skim, skimCm: triage.skimCm } : skim)
  }
  if (recipe.leachLitres > 0) {
    const minutes = 15 + 0.3 * recipe.leachLitres
    const leach = step('leach', minutes, ['can', 'meter'], ['run-off'])
    steps.push(inTurn(leach, 'leach', WAIT_DAYS.leach))
  }
  steps.push(
    step('tip-out', 3 + 0.15 * litres, ['sheet', 'gloves'], ['lifting']),
    step('clean', 0.6 * litres, ['gloves'], []),
    options.runsDownSide || asks('rewet')
      ? step('rewet', 10 + 0.2 * litres, ['can'], ['dust'])
      : inTurn(step('workable', 3, ['can'], []), 'dry', options.dryDays ?? 0),
  )
  if (asks('aerate')) {
    const aerate = step('aerate', 5 + 0.1 * litres, ['fork', 'sheet'], ['fumes'])
    steps.push(inTurn(aerate, 'aerate', asks('heat') || asks('rest') ? 0 : daysLeft()))
  }
  if (asks('heat')) {
    const heat = step('heat', 30 + 2 * litres, ['probe', 'gloves'], ['heat', 'legionella'])
    const dose = triage?.heat ? { heat: triage.heat } : {}
    steps.push(inTurn({ ...heat, ...dose }, 'heat', WAIT_DAYS.heat))
  }
  const testDays = asks('seedling-test') ? WAIT_DAYS.seedlings : 0
  if (asks('rest')) {
    const restDays = Math.max(0, daysLeft() - testDays)
    steps.push(inTurn(step('keep', 3, ['tags', 'sheet'], []), 'rest', restDays))
  }
  if (testDays > 0) {
    steps.push(inTurn(step('seedling-test', 20, ['tags'], []), 'seedlings', testDays))
  }
  if (caustic.length > 0) {
    const tools: ToolId[] = ['scale', 'bucket', 'gloves', 'goggles', 'mask']
    const cautions = powderCautions(caustic, options)
    const apart = step('lime-apart', 8, tools, cautions, caustic.map(amountOfDose))
    steps.push(inTurn(apart, 'caustic', WAIT_DAYS.caustic))
  }
  steps.push(
    step('spread', 5 + 0.3 * litres, ['bucket', 'gloves'], bulkCautions(recipe, options), bulk),
  )
  if (together.length > 0) {
    const cautions = powderCautions(together, options)
    steps.push(step('powders', 6, ['scale', 'bucket'], cautions, together.map(amountOfDose)))
  }
  steps.push(
    step('fold', 0.4 * litres, ['fork'], []),
    step('moisten', 4 + 0.05 * litres, ['can'], []),
  )
  if (wait.reason) {
    steps.push({ ...step('rest', 1, ['sheet'], []), waitDays: wait.days, waitFor: wait.reason })
  }
  const reuseFrom = triage?.earliestReuse ?? startDate
  day = [addDays(day, wait.days), reuseFrom].sort()[1] as string
  steps.push(
    step('retest', 10, ['meter'], []),
    step('containers', 8, ['brush'], []),
    step('fill', 4 + 0.2 * litres, ['can', 'gloves'], ['legionella', 'lifting']),
    step('plant', 5 + 0.1 * litres, ['tags'], []),
  )
  return {
    steps,
    readyOn: day,
    totalMinutes: steps.reduce((sum, { minutes }) => sum + minutes, 0),
  }
}

function longestWait(recipe: Recipe, options: ScheduleOptions) {
  const kindOf = (id: string) => options.amendments?.find((row) => row.id === id)?.kind
  type Waits = keyof typeof WAIT_DAYS
  const reasons: Waits[] = [
    ...recipe.parts.flatMap(({ role }): Waits[] => (role === 'compost' ? ['compost'] : [])),
    ...recipe.doses.flatMap(({ id, role, apart }): Waits[] => {
      if (apart) return []
      if (role === 'lime' || role === 'sulfur') return [role]
      return kindOf(id) === 'coated fertilizer' ? [] : ['organic']
    }),
  ]
  const longest = reasons.sort((a, b) => WAIT_DAYS[b] - WAIT_DAYS[a])[0]
  return { reason: longest ?? null, days: longest ? WAIT_DAYS[longest] : 0 }
}

function bulkCautions(recipe: Recipe, options: ScheduleOptions): CautionId[] {
  const rows = recipe.parts.flatMap(
    ({ id }) => options.materials?.filter((material) => material.id === id) ?? [],
  )
  const cautions = new Set<CautionId>(['legionella'])
  for (const { id, group, dustHazard } of rows) {
    if (dustHazard !== 'low') cautions.add('dust')
    if (id.startsWith('vermiculite')) cautions.add('asbestos')
    if (id.startsWith('sphagnum')) cautions.add('moss')
    if (group === 'compost') cautions.add('residue')
    if (id.includes('manure')) cautions.add('manure')
  }
  return [...cautions]
}

function powderCautions(doses: readonly RecipeDose[], options: ScheduleOptions): CautionId[] {
  const cautions = new Set<CautionId>(['dust'])
  for (const { id, role, gPerL } of doses) {
    if (role === 'lime' || role === 'sulfur') cautions.add(role)
    const row = options.amendments?.find((one) => one.id === id)
    if (row?.kind === 'organic fertilizer' || row?.kind === 'coated fertilizer') {
      cautions.add('meals')
    }
    const isRich = row?.kind === 'organic fertilizer' && gPerL > RICH_MEAL * row.rateHighGPerL
    if (isRich && options.crop?.kind === 'seedling') cautions.add('ammonia')
  }
  cautions.add('label')
  return [...cautions]
}

function amountOfPart({ id, role, rounded }: RecipePart): StepAmount {
  return { id, role, unit: 'L', planned: rounded.litres, text: rounded.text, actual: null }
}

function amountOfDose({ id, role, rounded }: RecipeDose): StepAmount {
  return { id, role, unit: 'g', planned: rounded.grams, text: rounded.text, actual: null }
}
