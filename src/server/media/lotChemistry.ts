import {
  blendPh,
  type Dose,
  ecBand,
  nitrogenBudget,
  nitrogenSpanWeeks,
  pkBalance,
  type WaterDrift,
  waterDrift,
} from '../../core/chemistry'
import { nitrogenRange } from '../../core/ranges'
import { cropInPot, lotComponents } from '../../core/recondition'
import { plantingDay, weeklyTemperatures } from '../../core/season'
import { type Why, whyInput } from '../../core/why'
import { presentInnings } from '../../data/media'
import type { Site } from '../../data/site'
import type { LotChemistry, LotWhyKey } from '../../messages/media/lotViews'
import { dayAt } from '../clock'
import { feedLeftOn, type LotFacts, seasonWater, type Tables } from '../lots'

export interface ChemistryOfLot {
  readonly view: LotChemistry
  readonly why: Partial<Record<LotWhyKey, Why>>
}

/** pH, salts and nitrogen of a lot over its crop's season, each with its reason; null for an empty or unplanted lot. */
export function lotChemistry(facts: LotFacts, tables: Tables, site: Site): ChemistryOfLot | null {
  const { lot, ph, ecSme } = facts
  if (facts.components.length === 0 || !facts.crop || !ph) return null
  // In a store bin the crop's nitrogen is that of its own litres.
  const crop =
    facts.container && facts.surfaceCm
      ? cropInPot(facts.crop, {
          shape: facts.container.shape,
          fillHeightCm: Math.min(facts.surfaceCm, facts.container.shape.heightCm),
        })
      : facts.crop
  const present = presentInnings(lot)
  const components = lotComponents(facts.components, facts.measured)
  const blend = blendPh({ components })
  const amendments = dosesOf(facts, tables)
  const feedLeft = earlierFeed(facts, tables, site)
  const startDate =
    present?.plantedOn ?? plantingDay(crop, present?.readyOn ?? tables.today, site.latitudeDeg)
  const weeks = Math.ceil(nitrogenSpanWeeks(crop))
  const season = {
    components,
    crop,
    amendments: present ? amendments : [],
    feedLeft: present ? feedLeft : [],
    weeks,
    weeklyMeanTempC: weeklyTemperatures({
      monthlyMeanTempC: site.climateByMonth.map(({ tMinC, tMaxC }) => (tMinC + tMaxC) / 2),
      startDate,
      weeks,
    }),
  }
  const budget = nitrogenBudget(season)
  const { p10, p90 } = nitrogenRange(season)
  const coverageRange = [Math.min(p10, budget.coverage), Math.max(p90, budget.coverage)] as const
  const pk = pkBalance({ components, crop, amendments: present ? amendments : [] })
  const water = driftOf(facts, site, blend.buffer)
  const buffer = facts.buffer ?? { value: blend.buffer, measuredOn: null }
  return {
    view: {
      cropName: crop.name,
      growing: present !== null,
      buffer,
      freeLimeGPerL: blend.freeLimeGPerL,
      unreactedLimeGPerL: facts.unreactedLimeGPerL,
      ecBand: ecSme ? ecBand({ value: ecSme.value, method: 'SME' }) : null,
      drift: water?.drift ?? null,
      nitrogen: {
        weeks: budget.weeks.map(({ week, released, immobilised, demand, uptake }) => ({
          week,
          released,
          tiedUp: immobilised,
          wanted: demand,
          taken: uptake,
        })),
        coverage: budget.coverage,
        coverageRange,
        firstShortWeek: budget.firstShortWeek,
        missingMgPerL: budget.missingMgPerL,
      },
      p: pk.p,
      k: pk.k,
      added: addedOf(facts, tables),
    },
    why: {
      buffer: {
        rule: facts.buffer ? 'buffer.jar' : 'buffer.composition',
        source: facts.buffer ? 'you' : 'buffer',
        ...(facts.buffer?.measuredOn ? { measuredOn: facts.buffer.measuredOn } : {}),
        inputs: facts.buffer
          ? [whyInput('estimate', blendPh({ components: facts.components }).buffer, 'g/L/pH')]
          : [],
      },
      freeLime: {
        rule: 'freeLime',
        source: 'buffer',
        inputs: [
          whyInput(
            'limeOfParts',
            Math.max(0, blend.freeLimeGPerL - facts.unreactedLimeGPerL),
            'g/L',
          ),
          whyInput('limeUnreacted', facts.unreactedLimeGPerL, 'g/L'),
        ],
      },
      ...(water && {
        drift: {
          rule: 'drift',
          source: 'drift',
          inputs: [
            whyInput('alkalinity', site.tapWater.alkalinityMgPerL / 1000, 'g/L'),
            whyInput('waterGiven', water.litresApplied, 'L'),
            whyInput('canopy', water.canopyCm2, 'cm²'),
            whyInput('exposure', water.exposureFactor, 'times'),
            whyInput('limeInWater', water.drift.limeEquivalentG, 'g'),
            whyInput('mixInPot', water.mediaLitres, 'L'),
            whyInput('buffer', blend.buffer, 'g/L/pH'),
            whyInput('phHigh', crop.pHHigh, 'pH'),
          ],
        },
      }),
      nitrogen: {
        rule: 'nitrogen.season',
        source: 'nitrogen',
        range: coverageRange,
        inputs: [
          whyInput('demand', budget.demandMgPerL / 1000, 'g/L'),
          whyInput('nitrogenStart', budget.initialMgPerL / 1000, 'g/L'),
          whyInput('nitrogenReleased', budget.releasedMgPerL / 1000, 'g/L'),
          whyInput('nitrogenTiedUp', budget.immobilisedMgPerL / 1000, 'g/L'),
          whyInput('nitrogenWashedOut', budget.leachedMgPerL / 1000, 'g/L'),
          whyInput('firstShortWeek', budget.firstShortWeek, 'weeks'),
        ],
      },
      pk: {
        rule: 'pk',
        source: 'nitrogen',
        inputs: [
          whyInput('pGiven', pk.pGiven / 1000, 'g/L'),
          whyInput('pNeed', pk.pNeed / 1000, 'g/L'),
          whyInput('kGiven', pk.kGiven / 1000, 'g/L'),
          whyInput('kNeed', pk.kNeed / 1000, 'g/L'),
        ],
      },
    },
  }
}

/** Doses mixed in for this innings: per litre of mix as they were worked out, else per litre of what is there. */
function dosesOf({ lot }: LotFacts, { amendments, timeZone }: Tables): Dose[] {
  if (lot.carried) {
    return lot.carried.doses.flatMap(({ amendmentId, gPerL }) => {
      const amendment = amendments.get(amendmentId)
      return amendment ? [{ amendment, gPerL }] : []
    })
  }
  const started = presentInnings(lot)?.startedOn
  if (!started || !(lot.contents.litres > 0)) return []
  return lot.ledger
    .filter(({ at }) => dayAt(timeZone, at) >= started)
    .flatMap(({ doses }) => doses)
    .flatMap(({ amendmentId, grams }) => {
      const amendment = amendments.get(amendmentId)
      const gPerL = grams / lot.contents.litres
      return amendment && gPerL > 0 ? [{ amendment, gPerL }] : []
    })
}

/** Where nothing was mixed in since, feed of earlier seasons goes on; else it stands in what was worked out at mixing. */
function earlierFeed({ lot, doses }: LotFacts, { today }: Tables, site: Site): Dose[] {
  const started = presentInnings(lot)?.startedOn
  return lot.carried || !started ? [] : feedLeftOn(started, doses, today, site)
}

function addedOf({ lot }: LotFacts, { amendments, timeZone }: Tables): LotChemistry['added'] {
  return lot.ledger
    .flatMap(({ at, doses }) =>
      doses.map(({ amendmentId, grams, mixedOn }) => ({
        on: mixedOn ?? dayAt(timeZone, at),
        name: amendments.get(amendmentId)?.name ?? amendmentId,
        grams,
      })),
    )
    .reverse()
}

/** What the tap water does to the pH of one container over the months it is watered in, with its plants full-grown. */
function driftOf(facts: LotFacts, site: Site, buffer: number) {
  const { crop, ph } = facts
  const water = seasonWater(facts, site)
  if (!water || !crop || !ph) return null
  const { litresApplied, mediaLitres, canopyCm2, exposureFactor, months } = water
  const drift: WaterDrift = waterDrift({
    alkalinity: site.tapWater.alkalinityMgPerL,
    litresApplied,
    mediaLitres,
    buffer,
    ph: ph.value,
    phHigh: crop.pHHigh,
    months,
  })
  return { drift, litresApplied, mediaLitres, canopyCm2, exposureFactor }
}
