import {
  type BestRung,
  bestRung,
  type LadderPriorities,
  type RungId,
} from '../../../core/recondition'
import type { LaddersView } from '../../../messages/recondition/plan'
import type { LaddersAnswer } from '../../../workers/jobs'

type PlanRung = LaddersAnswer['rungs'][number]

/** A lot and the way it goes. */
export interface PlanRow {
  readonly id: number
  readonly rungs: readonly PlanRung[]
  readonly best: BestRung | null
  /** The way chosen for it; null where none is open. */
  readonly way: PlanRung | null
  readonly airMin: number
  readonly litresWanted: number
}

/** What all of them come to. */
export interface PlanSum {
  readonly litres: number
  readonly litresWanted: number
  readonly cost: number
  readonly minutes: number
  readonly kilos: number
  /** New mix for all of them; null where it cannot be had. */
  readonly costNew: number | null
  readonly isPriced: boolean
  /** Lots by way, in the order of the ways. */
  readonly byWay: readonly (readonly [RungId, number])[]
}

/**
 * Each lot with its way: the one picked for it where it is open, else the garden's usual one, else the one that fits the
 * priorities best.
 */
export function planRows(
  lots: LaddersView['lots'],
  answers: readonly LaddersAnswer[],
  priorities: LadderPriorities,
  usual: RungId | null,
  picked: Readonly<Record<string, RungId>>,
): PlanRow[] {
  const byId = new Map(answers.map((answer) => [answer.id, answer]))
  return lots.flatMap(({ id, airMin, input }): PlanRow[] => {
    const { rungs = [], refusal = null } = byId.get(id) ?? {}
    if (refusal !== null || rungs.length === 0) return []
    const best = bestRung(rungs, priorities, {
      lowAir: airMin,
      litresWanted: input.litresWanted,
    })
    const open = (way: RungId | null | undefined) =>
      rungs.find((rung) => rung.id === way && rung.allowed)
    const way = open(picked[id]) ?? open(usual) ?? open(best?.id) ?? null
    return [{ id, rungs, best, way, airMin, litresWanted: input.litresWanted }]
  })
}

export function planSum(rows: readonly PlanRow[]): PlanSum {
  const ways = rows.flatMap(({ way }) => way ?? [])
  const total = (of: (way: PlanRung) => number | null) =>
    ways.reduce((sum, way) => sum + (of(way) ?? 0), 0)
  const replaced = rows.flatMap(({ rungs }) => rungs.filter(({ id }) => id === 'replace'))
  const hasNew = replaced.length > 0 && replaced.every(({ cost }) => cost !== null)
  const counts = new Map<RungId, number>()
  for (const rung of rows[0]?.rungs ?? []) counts.set(rung.id, 0)
  for (const { id } of ways) counts.set(id, (counts.get(id) ?? 0) + 1)
  return {
    litres: total(({ litres }) => litres),
    litresWanted: rows.reduce((sum, row) => sum + row.litresWanted, 0),
    cost: total(({ cost }) => cost),
    minutes: total(({ minutes }) => minutes),
    kilos: total(({ kilosToLift }) => kilosToLift),
    costNew: hasNew ? replaced.reduce((sum, { cost }) => sum + (cost ?? 0), 0) : null,
    isPriced: ways.every(({ warnings }) => !warnings.includes('unpriced')),
    byWay: [...counts].filter(([, count]) => count > 0),
  }
}
