import type { RestingState } from '../../core/media'
import { presentInnings } from '../../data/media'
import type { LotFinding } from '../../messages/media/lots'
import type { CardFacts } from './lotFacts'
import { type FaultTables, lotFaults } from './lotFaults'

/** The finding about a lot that matters most, but for a work order on it. */
export function findingOf(facts: CardFacts, tables: FaultTables): LotFinding {
  const { lot, crop, air, containers } = facts
  if (!(lot.contents.litres > 0)) return { kind: 'empty' }
  const [worst] = lotFaults(facts, tables)
  if (worst) return worst
  if (containers.length === 0) return { kind: 'in-store', bin: lot.storeBin ?? '' }
  if (!crop) return { kind: 'unplanted' }
  const present = presentInnings(lot)
  if (!present) return { kind: 'season-over', cropName: crop.name }
  if (present.plantedOn === null) {
    const on = present.readyOn ?? present.startedOn
    return { kind: 'ready', cropName: crop.name, on, isReady: on <= tables.today }
  }
  return { kind: 'growing', cropName: crop.name, air: air?.value ?? 0 }
}

/** The state of a lot on which no work order is open. */
export function restingState(facts: CardFacts, tables: FaultTables): RestingState {
  const { lot, containers } = facts
  if (!(lot.contents.litres > 0)) return 'empty'
  if (containers.length === 0) return 'store'
  const isOver = lot.innings.length > 0 && !presentInnings(lot)
  if (isOver) return 'turn-over'
  if (lotFaults(facts, tables).length > 0) return 'act'
  return presentInnings(lot)?.plantedOn ? 'growing' : 'ready'
}
