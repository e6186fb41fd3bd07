import { DomainError } from '../errors'
import { requireFinite, requireIn } from '../statistics'
import { TRIAL_KINDS, type TrialKind } from './trialKinds'

/** A plan as it is grown on paper. All variation in percent of the control's mean. */
export interface SimulatedDesign {
  readonly kind: TrialKind
  /** The control among them. */
  readonly treatments: number
  /** Of each treatment (one in each block where there are blocks); of each crop in a side by side. */
  readonly pots: number
  readonly blocks?: boolean
  /** Of a side by side. */
  readonly crops?: number
  /** Plant to plant, block to block, tray to tray. */
  readonly cv?: number
  readonly blockCv?: number
  readonly trayCv?: number
  /** Of its seeds the control brings up, 0 to 1; left out where nothing is counted. */
  readonly share?: number | null
  /** In each pot; 1: each seed has a pot of its own. */
  readonly seeds?: number
}

export interface CheckedDesign {
  readonly kind: TrialKind
  readonly treatments: number
  readonly pots: number
  readonly blocks: boolean
  readonly crops: number
  readonly cv: number
  readonly blockCv: number
  readonly trayCv: number
  readonly share: number | null
  readonly seeds: number
}

const USUAL = { cv: 20, blockCv: 15, trayCv: 12 } as const
const MOST = 1000

/** @throws DomainError `bad-argument`, `too-few`, `not-finite` */
export function requireDesign(design: SimulatedDesign): CheckedDesign {
  const { kind, treatments, pots, blocks = false, crops = 0, seeds = 0, share = null } = design
  if (!TRIAL_KINDS.includes(kind)) {
    throw new DomainError('bad-argument', `There is no kind of trial "${kind}".`)
  }
  requireIn('The treatments', treatments, 0, MOST)
  requireIn('The pots', pots, 0, MOST)
  if (treatments < 2) {
    throw new DomainError('too-few', 'A trial has at least two treatments, the control among them.')
  }
  if (pots < 1) throw new DomainError('too-few', 'A trial has at least one pot of each treatment.')
  const { cv = USUAL.cv, blockCv = USUAL.blockCv, trayCv = USUAL.trayCv } = design
  for (const one of [blockCv, trayCv]) {
    requireFinite('The variation', one)
    if (one < 0) throw new DomainError('bad-argument', 'A variation is not below 0.')
  }
  requireFinite('The variation', cv)
  if (cv < 1) {
    throw new DomainError('bad-argument', 'The variation is in percent: 20 for 20 %, at least 1.')
  }
  requireIn('The crops', crops, 0, MOST)
  requireIn('The seeds', seeds, 0, MOST)
  if (share !== null && !(share > 0 && share <= 1)) {
    throw new DomainError('bad-argument', 'The share that comes up lies between 0 and 1.')
  }
  return {
    kind,
    treatments,
    pots,
    blocks: kind !== 'side-by-side' && blocks,
    crops,
    cv,
    blockCv,
    trayCv,
    share: kind === 'side-by-side' || seeds < 1 ? null : share,
    seeds,
  }
}
