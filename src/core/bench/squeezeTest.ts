import { requireOneOf } from '../validate'

/** What a handful does when it was squeezed once and flicked. */
export const BALLS = ['none', 'crumbles', 'dents', 'keeps'] as const
export type Ball = (typeof BALLS)[number]
export const DROPS = ['none', 'few', 'stream'] as const
export type Drops = (typeof DROPS)[number]

export interface Squeeze {
  readonly moisture: 'too dry' | 'right' | 'too wet'
  /** It can be mixed now. */
  readonly workable: boolean
  /** Keeps its shape though hardly any water comes: many fines, it will settle. */
  readonly manyFines: boolean
  /** Days to spread it out before looking again; 0 where it need not dry. Our own estimate. */
  readonly dryDays: number
}

const DRY_DAYS: Readonly<Record<Drops, number>> = { none: 0, few: 2, stream: 4 }

/**
 * Moisture and structure from a squeezed handful: it can be worked when it holds together and crumbles at a flick.
 * @throws DomainError for another word
 * @example squeezeTest({ ball: 'keeps', drops: 'none' }).moisture // 'right'
 */
export function squeezeTest({ ball, drops }: { ball: Ball; drops: Drops }): Squeeze {
  requireOneOf('What the ball did', ball, BALLS)
  requireOneOf('What came out', drops, DROPS)
  const wet = drops === 'stream' || (drops === 'few' && ball !== 'crumbles')
  const moisture = wet ? 'too wet' : ball === 'none' ? 'too dry' : 'right'
  return {
    moisture,
    workable: moisture === 'right',
    manyFines: ball === 'keeps' && drops !== 'stream',
    dryDays: wet ? DRY_DAYS[drops] : 0,
  }
}
