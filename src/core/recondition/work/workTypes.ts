import type { Amendment, Crop } from '../../chemistry'
import type { Material } from '../../media'
import type { RecipeDose, RecipePart, Schools, TriageVerdict } from '../recipe'
import type { Triage } from '../triage'

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
  | 'fork'
  | 'top-up'
  | 'water-in'
  | 'lift'
  | 'underlay'
  | 'sides'
  | 'dress'
  | 'sow-between'

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
  /** How deep it is forked over, or how thick what is added lies, cm. */
  readonly depthCm?: number
  /** How hot the core gets, and for how long. */
  readonly heat?: { readonly tempC: number; readonly minutes: number }
  /** What this garden's way of working adds to the step. */
  readonly notes?: readonly StepNote[]
}

export type StepNote =
  /** The containers are disinfected as well as washed. */
  | { readonly id: 'disinfect' }
  /** Water did not run out of these below. */
  | { readonly id: 'blocked'; readonly codes: readonly string[] }
  /** An inoculant on the roots; or why none. */
  | { readonly id: 'inoculate' | 'no-inoculant' }
  /** Planted before what was added is safe: the wait that was passed over, and its day. */
  | {
      readonly id: 'not-waited'
      readonly waitFor: WaitReason
      readonly days: number
      readonly safeOn: string
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

export type TriageForWork = TriageVerdict &
  Partial<Pick<Triage, 'actions' | 'earliestReuse' | 'skimCm' | 'heat'>>

export interface ScheduleOptions {
  readonly runsDownSide?: boolean
  /** Days to spread it out, as a squeezed handful told. */
  readonly dryDays?: number
  /** Rows behind the recipe's ids, for cautions that depend on the material. */
  readonly materials?: readonly Pick<Material, 'id' | 'group' | 'dustHazard'>[]
  readonly amendments?: readonly Pick<Amendment, 'id' | 'kind' | 'cce' | 'rateHighGPerL'>[]
  /** How deep a mix is forked over in its pot, cm; a hand fork's depth where left out. */
  readonly forkCm?: number
  /** What the missing litres come to in the pot, cm. */
  readonly topUpCm?: number
  /** Mix under the root ball of a plant that is potted on, cm. */
  readonly underlayCm?: number
  /** Between survivors, cm: 2 to 5. */
  readonly dressCm?: number
  /** What is planted. */
  readonly crop?: Pick<Crop, 'kind'> & Partial<Pick<Crop, 'family'>>
  /** How this garden works; the cautious way where left out. */
  readonly habits?: Partial<Pick<Schools, 'wait' | 'wash' | 'minerals'>>
  /** A disease was in these pots: they are disinfected whatever the habit. */
  readonly afterDisease?: boolean
  /** Pots that did not drain, by their codes. */
  readonly blocked?: readonly string[]
}
