import type { LotRow } from '../../messages/media/lotViews'
import type { CardFacts } from './lotFacts'
import { type FaultTables, lotFaults } from './lotFaults'
import { findingOf, restingState } from './lotFinding'

export interface OpenOrder {
  readonly id: number
  readonly stepsDone: number
  readonly steps: number
}

/** A lot as one row of the list, with the finding that matters most. */
export function lotRow(facts: CardFacts, tables: FaultTables, order: OpenOrder | null): LotRow {
  const { lot, containers, strata, innings, air, ph, where } = facts
  const room = containers.reduce((sum, { litres }) => sum + litres, 0)
  return {
    id: lot.id,
    name: lot.name,
    litres: lot.contents.litres,
    roomLitres: containers.length > 0 ? room : null,
    where,
    strata,
    innings,
    air,
    ph,
    state: order ? 'working' : restingState(facts, tables),
    finding: order
      ? { kind: 'order-open', done: order.stepsDone, steps: order.steps, orderId: order.id }
      : findingOf(facts, tables),
    moreFaults: order ? 0 : Math.max(0, lotFaults(facts, tables).length - 1),
  }
}
