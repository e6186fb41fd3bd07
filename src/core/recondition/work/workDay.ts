import { addDays, daysBetween } from '../../units'
import type { Recipe, RecipeDose, RecipePart } from '../recipe'
import type { TriageAction } from '../triage'
import { bulkCautions, powderCautions } from './workCautions'
import type {
  CautionId,
  ScheduleOptions,
  StepAmount,
  StepKind,
  StepNote,
  ToolId,
  TriageForWork,
  WaitReason,
  WorkStep,
} from './workTypes'
import { longestWait } from './workWaits'

const NO_WAIT = { reason: null, days: 0 } as const
const DISINFECT_MINUTES = 12
/** Families whose roots take no mycorrhizal fungus: cabbages and beets. */
const NO_FUNGUS: readonly string[] = ['Brassicaceae', 'Amaranthaceae', 'Chenopodiaceae']

/** The steps of one piece of work as they are laid out day by day. */
export class WorkDay {
  /** The next step begins on it, ISO day. */
  day: string

  constructor(
    readonly recipe: Recipe,
    readonly triage: TriageForWork | null,
    startDate: string,
    readonly options: ScheduleOptions,
  ) {
    this.day = addDays(startDate, 0)
  }

  get litres(): number {
    return this.recipe.partLitres
  }

  step(
    kind: StepKind,
    minutes: number,
    tools: readonly ToolId[],
    cautions: readonly CautionId[],
    amounts: readonly StepAmount[] = [],
  ): WorkStep {
    return {
      id: kind,
      kind,
      amounts,
      tools,
      minutes: Math.max(1, Math.round(minutes)),
      cautions,
      startsOn: this.day,
      waitDays: 0,
      waitFor: null,
    }
  }

  /** A step that has to be over before the next begins. */
  inTurn(one: WorkStep, waitFor: WaitReason, waitDays: number): WorkStep {
    this.day = addDays(this.day, waitDays)
    return { ...one, waitDays, waitFor: waitDays > 0 ? waitFor : null }
  }

  /** What is safe to plant into only later is planted all the same. */
  get plantsAtOnce(): boolean {
    return this.options.habits?.wait === 'at-once'
  }

  /** pH and salts before planting; planted at once, the reading would tell nothing yet. */
  retest(): WorkStep[] {
    const passedOver = this.plantsAtOnce && longestWait(this.recipe, this.options).days > 0
    return passedOver ? [] : [this.step('retest', 10, ['meter'], [])]
  }

  /** The containers for it: washed, and disinfected after a disease or where that is the custom. */
  containers(): WorkStep {
    const { habits, afterDisease, blocked = [] } = this.options
    const disinfects = afterDisease || habits?.wash === 'disinfect'
    const step = disinfects
      ? this.step('containers', 8 + DISINFECT_MINUTES, ['brush', 'gloves'], [])
      : this.step('containers', 8, ['brush'], [])
    const notes: StepNote[] = [
      ...(blocked.length > 0 ? [{ id: 'blocked' as const, codes: blocked }] : []),
      ...(disinfects ? [{ id: 'disinfect' as const }] : []),
    ]
    return notes.length > 0 ? { ...step, notes } : step
  }

  plant(kind: 'plant' | 'sow-between' = 'plant'): WorkStep {
    const step = this.step(kind, 5 + 0.1 * this.litres, ['tags'], [])
    const notes = [...this.passedOver(), ...this.inoculant()]
    return notes.length > 0 ? { ...step, notes } : step
  }

  private passedOver(): StepNote[] {
    const wait = longestWait(this.recipe, this.options)
    if (!this.plantsAtOnce || !wait.reason) return []
    const { reason, days } = wait
    return [{ id: 'not-waited', waitFor: reason, days, safeOn: addDays(this.day, days) }]
  }

  private inoculant(): StepNote[] {
    const { habits, crop } = this.options
    if (habits?.minerals !== 'inoculant' && habits?.minerals !== 'both') return []
    const isOfNoUse = NO_FUNGUS.includes(crop?.family ?? '')
    return [{ id: isOfNoUse ? 'no-inoculant' : 'inoculate' }]
  }

  asks(action: TriageAction): boolean {
    return this.triage?.actions?.includes(action) ?? false
  }

  /** Until a treatment that takes as long as triage says is over. */
  daysLeft(): number {
    return Math.max(0, daysBetween(this.day, this.triage?.earliestReuse ?? this.day))
  }

  /** What is measured out, the old mix among it or not. */
  parts(withLot = true): StepAmount[] {
    return this.recipe.parts.filter(({ role }) => withLot || role !== 'lot').map(amountOfPart)
  }

  cautionsOfParts(): CautionId[] {
    return bulkCautions(this.recipe, this.options)
  }

  /** Weighed in together; none where nothing is. */
  powders(): WorkStep[] {
    const together = this.recipe.doses.filter(({ apart }) => !apart)
    if (together.length === 0) return []
    const cautions = powderCautions(together, this.options)
    return [this.step('powders', 6, ['scale', 'bucket'], cautions, together.map(amountOfDose))]
  }

  /** Caustic lime by itself, before anything else; none where there is none. */
  limeApart(): WorkStep | null {
    const caustic = this.recipe.doses.filter(({ apart }) => apart)
    if (caustic.length === 0) return null
    const tools: ToolId[] = ['scale', 'bucket', 'gloves', 'goggles', 'mask']
    const cautions = powderCautions(caustic, this.options)
    return this.step('lime-apart', 8, tools, cautions, caustic.map(amountOfDose))
  }

  /** The rest after mixing; the next step begins when it is over, never before triage allows. */
  rest(): WorkStep[] {
    const wait = this.plantsAtOnce ? NO_WAIT : longestWait(this.recipe, this.options)
    const steps = wait.reason
      ? [{ ...this.step('rest', 1, ['sheet'], []), waitDays: wait.days, waitFor: wait.reason }]
      : []
    const reuseFrom = this.triage?.earliestReuse ?? this.day
    this.day = [addDays(this.day, wait.days), reuseFrom].sort()[1] as string
    return steps
  }
}

function amountOfPart({ id, role, rounded }: RecipePart): StepAmount {
  return { id, role, unit: 'L', planned: rounded.litres, text: rounded.text, actual: null }
}

function amountOfDose({ id, role, rounded }: RecipeDose): StepAmount {
  return { id, role, unit: 'g', planned: rounded.grams, text: rounded.text, actual: null }
}
