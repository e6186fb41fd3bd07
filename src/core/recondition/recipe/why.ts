import { blendPh, type Crop, type Dose, nitrogenLeft } from '../../chemistry'
import { blendMedia, componentShares, thresholdProportion } from '../../media'
import { DRIES_OUT_PAST } from '../../season'
import { whyInput as of, type Why } from '../../why'
import type { AcidityPlan } from './acidity'
import type { AggregateChoice } from './aggregateShare'
import type { Batch } from './batch'
import type { CompostReason } from './compostShare'
import type { FeedingPlan } from './feeding'
import type { Prediction, RecipeInput, RecipeLimits, StockAmendment } from './recipeTypes'

export interface ExplainInput {
  readonly input: RecipeInput
  /** With what it asks of this container. */
  readonly crop: Crop
  readonly limits: RecipeLimits
  readonly batch: Batch
  readonly school: number
  readonly compostReason: CompostReason
  readonly air: AggregateChoice
  readonly acidFresh: number
  readonly acidity: AcidityPlan
  readonly minerals: StockAmendment | null
  readonly phWidth: number
  readonly feeding: FeedingPlan
  readonly feedLeft: readonly Dose[]
  readonly predicted: Prediction
  readonly nitrogenAfterFeeding: number
  /** Between two waterings; null where no habit was told. */
  readonly days: number | null
  readonly settledLitres: number
  readonly mixLitres: number
  readonly usableLitres: number
  readonly leachLitres: number
  readonly ecOfLot: number | null
  readonly cost: number
}

/** Why each number of a recipe is what it is: the rule that decided, its inputs and its source. */
export function explainRecipe(facts: ExplainInput): Record<string, Why> {
  const { input, crop, limits, batch, predicted, acidity, feeding, air } = facts
  const { lot } = input
  const airBand = [
    of('airMin', crop.airMinPercent / 100, 'share'),
    of('airMax', crop.airMaxPercent / 100, 'share'),
  ]
  const { watering } = input
  const habit = [
    of(
      'usableWater',
      facts.days === null || !watering ? null : facts.days * watering.lossLPerDay,
      'L',
    ),
    of('waterLost', watering?.lossLPerDay ?? null, 'L'),
    of('everyDays', watering?.everyDays ?? null, 'days'),
  ]
  const phBlend = blendPh(batch)
  const measuredPh = lot?.measured?.ph

  return {
    'part.lot': {
      rule: 'lot',
      source: 'ledger',
      inputs: [
        of('lotLitres', lot?.litres ?? null, 'L'),
        of('cleaningLoss', limits.cleaningLossShare, 'share'),
        of('usable', facts.usableLitres, 'L'),
        of('lotShare', batch.shares.lot, 'share'),
        of('partLitres', batch.partLitres, 'L'),
      ],
    },
    'part.compost': {
      rule: `compost.${air.compostLowered ? 'air' : facts.compostReason}`,
      source: 'school',
      inputs: [
        of('school', facts.school, 'share'),
        of('compostShare', batch.shares.compost, 'share'),
        of('partLitres', batch.partLitres, 'L'),
        of('ecCeiling', crop.ecMaxSme, 'dS/m'),
      ],
    },
    'part.aggregate': {
      rule: `aggregate.${air.reach}`,
      source: 'capacity',
      inputs: [
        of('aggregateShare', batch.shares.aggregate, 'share'),
        of('airReached', predicted.airFraction, 'share'),
        ...airBand,
        of('airLoss', air.loss, 'share'),
        of('fillHeight', input.container.fillHeightCm, 'cm'),
        of('threshold', thresholdOf(batch), 'share'),
      ],
    },
    'part.water-holding': {
      rule: 'water.held',
      source: 'drift',
      inputs: [of('holderShare', batch.shares.holder, 'share'), ...habit],
    },
    water: {
      rule: waterRule(facts),
      source: 'drift',
      inputs: habit,
    },
    'part.fresh': {
      rule: air.freshRaised ? 'fresh.air' : facts.acidFresh > 0 ? 'fresh.acid' : 'fresh.short',
      source: 'ledger',
      inputs: [
        of('usable', facts.usableLitres, 'L'),
        of('freshShare', batch.shares.fresh, 'share'),
        of('maxFresh', limits.maxFreshShare, 'share'),
      ],
    },
    litres: {
      rule: 'litres',
      source: 'packing',
      inputs: [
        of('partLitres', batch.partLitres, 'L'),
        of('volumeYield', batch.volumeYield, 'share'),
        of('mixLitres', facts.mixLitres, 'L'),
        of('settling', batch.settlingShare, 'share'),
        of('settledLitres', facts.settledLitres, 'L'),
      ],
    },
    air: {
      rule: 'air',
      source: 'capacity',
      inputs: [
        of('porosity', blendMedia(batch).totalPorosity, 'share'),
        of('waterHeld', predicted.waterFraction, 'share'),
        of('fillHeight', input.container.fillHeightCm, 'cm'),
        ...airBand,
      ],
    },
    ph: {
      rule: measuredPh === undefined ? 'ph.composition' : 'ph.lot',
      source: 'buffer',
      inputs: [
        of('lotPh', measuredPh ?? null, 'pH'),
        of('blendPh', phBlend.ph, 'pH'),
        of('buffer', phBlend.buffer, 'g/L/pH'),
        of('phLow', crop.pHLow, 'pH'),
        of('phHigh', crop.pHHigh, 'pH'),
      ],
    },
    'dose.acidity': {
      rule: `acidity.${acidity.reason}`,
      source: 'buffer',
      inputs: [
        of('blendPh', phBlend.ph, 'pH'),
        of('phWidth', facts.phWidth, 'pH'),
        of('targetPh', acidity.targetPh, 'pH'),
        of('buffer', phBlend.buffer, 'g/L/pH'),
        of('freeLime', phBlend.freeLimeGPerL, 'g/L'),
        of('strength', acidity.stock?.amendment.cce ?? null, 'share'),
        of('reactiveShare', acidity.stock ? acidity.reactiveShare : null, 'share'),
        of('label', acidity.stock?.amendment.rateHighGPerL ?? null, 'g/L'),
        of('dose', acidity.firstGPerL, 'g/L'),
        of('mixLitres', facts.mixLitres, 'L'),
      ],
    },
    'dose.fertilizer': {
      rule: `feed.${feeding.reason}`,
      source: 'nitrogen',
      inputs: [
        of('demand', crop.nSeasonMgPerL / 1000, 'g/L'),
        of('feedLeft', nitrogenLeft(facts.feedLeft) / 1000 || null, 'g/L'),
        of('coverageBefore', feeding.dose?.coverageBefore ?? predicted.nCoverage, 'share'),
        of('coverageAfter', predicted.nCoverage, 'share'),
        of('coverageFed', facts.nitrogenAfterFeeding, 'share'),
        of('firstShortWeek', predicted.firstShortWeek, 'weeks'),
        of('label', feeding.dose?.labelGPerL ?? null, 'g/L'),
        of('saltLimit', feeding.dose?.saltGPerL ?? null, 'g/L'),
        of('dose', feeding.dose?.gPerL ?? 0, 'g/L'),
        of('mixLitres', facts.mixLitres, 'L'),
      ],
    },
    ...(facts.minerals && {
      'dose.mineral': {
        rule: 'minerals',
        source: 'school',
        inputs: [
          of('dose', facts.minerals.amendment.rateLowGPerL, 'g/L'),
          of('label', facts.minerals.amendment.rateHighGPerL, 'g/L'),
          of('mixLitres', facts.mixLitres, 'L'),
        ],
      },
    }),
    ec: {
      rule: facts.leachLitres > 0 ? 'ec.leach' : 'ec.estimated',
      source: 'salts',
      inputs: [
        of('ecOfLot', lot ? facts.ecOfLot : null, 'dS/m'),
        of('ecPredicted', predicted.ecSme, 'dS/m'),
        of('ecCeiling', crop.ecMaxSme, 'dS/m'),
        of('leachLitres', facts.leachLitres, 'L'),
        of('leachPasses', facts.leachLitres > 0 ? 3 : 0, 'text'),
      ],
    },
    weight: {
      rule: 'weight',
      source: 'packing',
      inputs: [
        of('waterHeld', predicted.waterFraction, 'share'),
        of('kgPerL', predicted.kgPerLWet, 'kg/L'),
        of('settledLitres', facts.settledLitres, 'L'),
      ],
    },
    cost: {
      rule: 'cost',
      source: 'prices',
      inputs: [
        of('costPerL', predicted.costPerL, 'per L'),
        of('settledLitres', facts.settledLitres, 'L'),
      ],
    },
  }
}

function waterRule({ input: { watering }, days, batch }: ExplainInput) {
  if (!watering || days === null) return 'water.open'
  if (days >= watering.everyDays / DRIES_OUT_PAST) return 'water.enough'
  return batch.holder ? 'water.helped' : 'water.short'
}

/** Coarse share at which the aggregate's grains would touch in the rest of the mix taken as one fine material. */
function thresholdOf(batch: Batch): number | null {
  const { aggregate } = batch
  if (!aggregate) return null
  const rest = componentShares(batch.components).filter(({ material }) => material !== aggregate)
  const largest = rest.sort((a, b) => b.share - a.share)[0]?.material
  if (!largest || largest.grainMm > aggregate.grainMm) return null
  return thresholdProportion({ fine: largest, coarse: aggregate })
}
