import { presentInnings } from '../../data/media/lots'
import type { LotFinding, LotRow, LotState } from '../../messages/media/lots'
import type { LotFacts } from './lotFacts'

export interface OpenOrder {
  readonly id: number
  readonly lotId: number
  readonly stepsDone: number
  readonly steps: number
}

/** Below this share of its room a lot is worth topping up. */
const LEVEL_DOWN_SHARE = 0.75
/** A tenth of the band's width is within the error of an estimate. */
const PH_TOLERANCE = 0.1

/** A lot as one row of the list, with the finding that matters most. */
export function lotRow(facts: LotFacts, order: OpenOrder | null): LotRow {
  const { lot, containers, strata, innings, air, ph, where } = facts
  const room = containers.reduce((sum, { litres }) => sum + litres, 0)
  const finding = findingOf(facts, order, room)
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
    state: stateOf(facts, finding),
    finding,
  }
}

function findingOf(facts: LotFacts, order: OpenOrder | null, room: number): LotFinding {
  const { lot, crop, air, ph, ecSme, containers } = facts
  if (order) {
    return { kind: 'order-open', done: order.stepsDone, steps: order.steps, orderId: order.id }
  }
  if (!(lot.contents.litres > 0)) return { kind: 'empty' }
  if (containers.length === 0) return { kind: 'in-store', bin: lot.storeBin ?? '' }
  if (!crop) return { kind: 'unplanted' }
  const cropName = crop.name
  const airMin = crop.airMinPercent / 100
  if (air && air.value < airMin) return { kind: 'air-short', air: air.value, airMin, cropName }
  if (ph && (ph.value > crop.pHHigh + PH_TOLERANCE || ph.value < crop.pHLow - PH_TOLERANCE)) {
    return { kind: 'ph-off', ph: ph.value, low: crop.pHLow, high: crop.pHHigh, cropName }
  }
  if (ecSme?.measuredOn && ecSme.value > crop.ecMaxSme) {
    return { kind: 'salty', ecSme: ecSme.value, ecMax: crop.ecMaxSme, cropName }
  }
  if (lot.contents.litres < LEVEL_DOWN_SHARE * room) {
    return { kind: 'level-down', litres: lot.contents.litres, room }
  }
  if (!presentInnings(lot)) return { kind: 'season-over', cropName }
  return { kind: 'growing', cropName, air: air?.value ?? 0 }
}

function stateOf({ lot }: LotFacts, finding: LotFinding): LotState {
  if (finding.kind === 'order-open') return 'working'
  if (finding.kind === 'empty') return 'empty'
  if (finding.kind === 'in-store') return 'store'
  if (lot.innings.length > 0 && !presentInnings(lot)) return 'turn-over'
  return finding.kind === 'growing' || finding.kind === 'unplanted' ? 'growing' : 'act'
}
