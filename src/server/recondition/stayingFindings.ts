import { type StepKind, type TriageDone, triageOfLot } from '../../core/recondition'
import type { NewFinding } from '../../data/media'
import type { WorkOrder } from '../../data/recondition'
import { keptFinding, type LotFacts, type Tables, treatmentsOf, triageOptions } from '../lots'

/**
 * What stays with a mix of all that was found before it was worked over: organisms, weeds and poisons that the work done
 * did not end, or that still keep a family out.
 */
export function stayingFindings(order: WorkOrder, facts: LotFacts, tables: Tables): NewFinding[] {
  const done = doneBy(order, facts)
  const answers = facts.found
    .filter(({ kind }) => kind === 'heat' || kind === 'seedlings')
    .map((found) => ({ ...found, problemId: null }))
  return facts.found
    .filter((found) => {
      const problem = found.problemId === null ? null : tables.problems.get(found.problemId)
      if (!problem || problem.kind === 'condition' || found.state === 'clear') return false
      if (found.origin.kind === 'carried') return false
      const judged = triageOfLot({
        found: [found, ...answers],
        treatments: treatmentsOf(facts.lot, tables).filter(({ kind }) => kind !== 'override'),
        problems: tables.problems,
        options: triageOptions(tables),
        season: Number(tables.today.slice(0, 4)),
        today: tables.today,
        done,
      })
      return judged !== null && (judged.verdict !== 'reuse' || judged.notFor.length > 0)
    })
    .map((found) => ({ ...keptFinding(found), kind: 'problem' }))
}

/** What the ticked steps have done against what was found. */
function doneBy({ steps }: WorkOrder, { triage }: LotFacts): Partial<TriageDone> {
  const isDone = (kind: StepKind) => steps.some(({ plan, doneAt }) => plan.kind === kind && doneAt)
  return {
    ...(isDone('clean') ? { debrisCleared: true } : {}),
    ...(isDone('skim') ? { skimmedCm: triage?.skimCm ?? 0 } : {}),
    ...(isDone('leach') ? { leached: true } : {}),
    ...(isDone('aerate') ? { aerated: true } : {}),
    ...(isDone('rewet') ? { rewetted: true } : {}),
  }
}
