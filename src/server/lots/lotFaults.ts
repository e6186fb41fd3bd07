import { leach } from '../../core/chemistry'
import { type Found, type TriageAnswer, triageOfLot } from '../../core/recondition'
import { presentInnings } from '../../data/media'
import type { LotFault } from '../../messages/media/lotFindingViews'
import type { Reading } from '../../messages/media/lotViews'
import { treatmentsOf, triageOptions } from './judgeLot'
import type { CardFacts, Tables } from './lotFacts'
import { phDeed } from './phDeed'

/** Below this share of its room a lot is worth topping up. */
const LEVEL_DOWN_SHARE = 0.75
/** A reading is as good as that; what was only worked out from parts, seasons and water may be off by half a unit. */
const PH_TOLERANCE = { read: 0.1, workedOut: 0.5 }
/** The model's own doubt: what was only worked out is not meddled with for less. */
const AIR_TOLERANCE = { read: 0, workedOut: 0.02 }
/** So harmless that nothing needs to be done. */
const HARMLESS = 1

/** How much each matters; the worst is told first. Our own order. */
const WEIGHTS: Readonly<Record<TriageAnswer, number>> = {
  discard: 100,
  compost: 95,
  restrict: 80,
  treat: 60,
  clean: 45,
  reuse: 0,
}

/** All that is wrong with a lot, the worst first. */
export function lotFaults(facts: CardFacts, tables: FaultTables): LotFault[] {
  const { problems, today } = tables
  const { lot, crop, air, ph, ecSme, containers, found } = facts
  const faults: { readonly fault: LotFault; readonly weight: number }[] = []
  const add = (fault: LotFault, weight: number) => faults.push({ fault, weight })
  const heatOrSeedlings = found
    .filter(({ kind }) => kind === 'heat' || kind === 'seedlings')
    .map((one) => ({ ...one, problemId: null }))
  const treatments = treatmentsOf(lot, tables)
  const { triage } = facts
  if (triage?.hold) {
    const { kind: why, until } = triage.hold
    add({ kind: 'held', why, until }, 90)
  }
  if (triage?.overridden) {
    const { verdict, reason, on } = triage.overridden
    add({ kind: 'overridden', verdict, reason, on }, 33)
  }
  for (const one of triage?.overridden ? [] : found) {
    const problem = one.problemId === null ? undefined : problems.get(one.problemId)
    if (one.kind === 'grubs' && one.state === 'trouble' && one.problemId === null) {
      add({ kind: 'asks', what: 'grubs', on: one.on }, 47)
    }
    if (problem && one.origin.kind === 'carried' && one.origin.certainty === 'look') {
      const { fromName: from } = one.origin
      add({ kind: 'look-for', problemName: problem.name, from, on: one.on }, 46)
      continue
    }
    if (!problem || one.state === 'clear' || problem.severity <= HARMLESS) continue
    const judged = triageOfLot({
      found: [one, ...heatOrSeedlings],
      treatments,
      options: triageOptions(tables),
      problems,
      season: Number(today.slice(0, 4)),
      today,
    })
    if (!judged || judged.verdict === 'reuse') continue
    const { verdict, actions } = judged
    const deeds = verdict === 'treat' || verdict === 'clean' ? { actions } : {}
    const weight = WEIGHTS[verdict] + 3 * (problem.severity - 2)
    add(
      { kind: 'found', problemName: problem.name, verdict, ...deeds, on: one.on, ...fromOf(one) },
      weight,
    )
  }
  if (!(lot.contents.litres > 0)) return []
  if (crop) {
    const cropName = crop.name
    const airMin = crop.airMinPercent / 100
    if (containers.length > 0 && air && air.value < airMin - AIR_TOLERANCE[howKnown(air)]) {
      const growing = presentInnings(lot)?.plantedOn ? { isGrowing: true as const } : {}
      add(
        { kind: 'air-short', air: air.value, airMin, cropName, ...growing },
        airMin - air.value > 0.05 ? 58 : 40,
      )
    }
    const off = ph ? Math.max(crop.pHLow - ph.value, ph.value - crop.pHHigh) : 0
    if (ph && off > PH_TOLERANCE[howKnown(ph)]) {
      const weight = off > 1 ? 65 : off > 0.5 ? 55 : 35
      const deed = phDeed(facts, tables)
      const band = { low: crop.pHLow, high: crop.pHHigh }
      add({ kind: 'ph-off', ph: ph.value, ...band, cropName, ...(deed ? { deed } : {}) }, weight)
    }
    if (ecSme?.measuredOn && ecSme.value > crop.ecMaxSme) {
      const weight = ecSme.value > 1.5 * crop.ecMaxSme ? 64 : 50
      const salts = { ecSme: ecSme.value, ecMax: crop.ecMaxSme, cropName }
      add({ kind: 'salty', ...salts, ...washOf(facts, tables, crop.ecMaxSme) }, weight)
    }
  }
  const room = containers.reduce((sum, { litres }) => sum + litres, 0)
  if (lot.contents.litres < LEVEL_DOWN_SHARE * room) {
    add({ kind: 'level-down', litres: lot.contents.litres, room }, 30)
  }
  return faults.sort((a, b) => b.weight - a.weight).map(({ fault }) => fault)
}

function howKnown({ measuredOn }: Reading): 'read' | 'workedOut' {
  return measuredOn ? 'read' : 'workedOut'
}

/** Down to three quarters of what the crop bears, as a recipe washes it. */
const WASHED_TO = 0.75
const USUAL_WATER = 0.65

function washOf({ lot, ecSme, hydraulics, air }: CardFacts, { site }: FaultTables, ecMax: number) {
  const target = WASHED_TO * ecMax
  const waterEc = site.tapWater.ecDsPerM
  if (!ecSme || waterEc >= target) return {}
  const waterFraction =
    hydraulics && air ? Math.max(0.2, hydraulics.curve.thetaS - air.value) : USUAL_WATER
  const mediaLitres = lot.contents.litres
  return {
    washLitres: leach({ ec: ecSme.value, target, mediaLitres, waterFraction, waterEc }).litres,
  }
}

/** Where it came from, where it was found in another lot. */
function fromOf({ origin }: Found) {
  return origin.kind === 'carried' ? { from: { name: origin.fromName, share: origin.share } } : {}
}

export type FaultTables = Pick<
  Tables,
  'problems' | 'today' | 'timeZone' | 'schools' | 'amendments' | 'site'
>
