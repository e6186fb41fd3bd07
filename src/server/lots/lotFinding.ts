import type { RestingState } from '../../core/media'
import { presentInnings } from '../../data/media'
import type { LotFinding } from '../../messages/media/lots'
import type { CardFacts } from './lotFacts'

/** Below this share of its room a lot is worth topping up. */
const LEVEL_DOWN_SHARE = 0.75
/** A tenth of the band's width is within the error of an estimate. */
const PH_TOLERANCE = 0.1

/** The finding about a lot that matters most, but for a work order on it. */
export function findingOf({ lot, crop, air, ph, ecSme, containers }: CardFacts): LotFinding {
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
  const room = containers.reduce((sum, { litres }) => sum + litres, 0)
  if (lot.contents.litres < LEVEL_DOWN_SHARE * room) {
    return { kind: 'level-down', litres: lot.contents.litres, room }
  }
  if (!presentInnings(lot)) return { kind: 'season-over', cropName }
  return { kind: 'growing', cropName, air: air?.value ?? 0 }
}

/** The state of a lot on which no work order is open. */
export function restingState(facts: CardFacts): RestingState {
  const { lot } = facts
  const { kind } = findingOf(facts)
  if (kind === 'empty') return 'empty'
  if (kind === 'in-store') return 'store'
  if (lot.innings.length > 0 && !presentInnings(lot)) return 'turn-over'
  return kind === 'growing' || kind === 'unplanted' ? 'growing' : 'act'
}
