import type { RestingState } from '../../core/media'
import { presentInnings } from '../../data/media'
import type { LotFinding } from '../../messages/media/lotFindingViews'
import type { CardFacts } from './lotFacts'
import { type FaultTables, lotFaults } from './lotFaults'

/** The finding about a lot that matters most, but for a work order on it. */
export function findingOf(facts: CardFacts, tables: FaultTables): LotFinding {
  const { lot, crop, air, containers } = facts
  if (!(lot.contents.litres > 0)) return { kind: 'empty' }
  const [worst] = lotFaults(facts, tables)
  if (worst) return worst
  if (containers.length === 0) return { kind: 'in-store', bin: lot.storeBin ?? '' }
  if (!crop) return { kind: 'unplanted', servedYears: servedBefore(lot) }
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
  const hasServed = lot.innings.length > 0 || servedBefore(lot) !== null
  const isOver = hasServed && !presentInnings(lot)
  if (isOver) return 'turn-over'
  if (lotFaults(facts, tables).length > 0) return 'act'
  return presentInnings(lot)?.plantedOn ? 'growing' : 'ready'
}

/** Years it had served before it was written down here, as told; null where it was new or nobody said. */
function servedBefore({ looked, yearsTold }: CardFacts['lot']): number | null {
  const years = looked?.years ?? yearsTold
  return years !== null && years > 0 ? years : null
}
