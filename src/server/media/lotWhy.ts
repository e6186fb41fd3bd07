import { blendEc, blendPh } from '../../core/chemistry'
import { blendMedia, containerCapacity, LOW_AIR_SHARE, type Material } from '../../core/media'
import {
  type InningsRange,
  inningsRange,
  type MediaRange,
  mediaRange,
  type Range,
  readingRange,
} from '../../core/ranges'
import { lotComponents, testsOf } from '../../core/recondition'
import { type Why, whyInput } from '../../core/why'
import type { WhyRule } from '../../core/whyKeys'
import type { LotWhyKey } from '../../messages/media/lotViews'
import type { LotFacts } from '../lots'

/** Enough for a sentence beside a number. */
const DRAWS = 200
/** For acidity and salts of what stands in no pot, any will do. */
const USUAL_POT = {
  shape: { kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 },
  fillHeightCm: 17.5,
} as const

/** Why each number of a lot's page is what it is; a number that is not shown has no reason. */
export function lotWhy(
  facts: LotFacts,
  season: { readonly meanTempC: number; readonly humifiedFines: Material | undefined },
): { readonly why: Partial<Record<LotWhyKey, Why>>; readonly innings: InningsRange | null } {
  const { components, surfaceCm, container, air, ph, ecSme } = facts
  if (components.length === 0) return { why: { litres: litresWhy(facts) }, innings: null }
  const blend = blendMedia({ components })
  const capacity =
    container && surfaceCm
      ? containerCapacity({ curve: blend.curve, shape: container.shape, fillHeightCm: surfaceCm })
      : null
  const likely = mediaRange({
    components: lotComponents(components, facts.measuredWater),
    tests: testsOf(facts.measuredWater),
    container:
      container && surfaceCm
        ? { shape: container.shape, fillHeightCm: Math.min(surfaceCm, container.shape.heightCm) }
        : USUAL_POT,
    draws: DRAWS,
  })
  const innings = inningsOf(facts, season, likely.airFraction)
  // Where a test told its pores, the sum is the test's.
  const pores = facts.hydraulics?.testedOn ? facts.hydraulics.curve.thetaS : blend.totalPorosity
  const why: Partial<Record<LotWhyKey, Why>> = {
    litres: litresWhy(facts),
    ...(innings && {
      innings: {
        rule: 'innings',
        source: 'ageing',
        range: [innings.p10, innings.p90],
        rangeUnit: 'times',
        inputs: [
          whyInput('porosity', blend.totalPorosity, 'share'),
          ...airBand(facts),
          whyInput('seasonTemp', season.meanTempC, '°C'),
        ],
      },
    }),
    ...(air && {
      air: {
        rule: airRule(facts),
        source: air.measuredOn ? 'you' : 'capacity',
        ...sureness(air, likely.airFraction),
        inputs: [
          ...estimateBeside(air, capacity?.airFraction, 'share'),
          whyInput('porosity', pores, 'share'),
          whyInput('waterHeld', Math.max(0, pores - air.value), 'share'),
          whyInput('fillHeight', surfaceCm, 'cm'),
          ...airBand(facts),
        ],
      },
    }),
    ...(capacity && {
      lowAir: {
        rule: 'lowAir',
        source: 'capacity',
        inputs: [
          whyInput('lowAirShare', LOW_AIR_SHARE, 'share'),
          whyInput('lowAirDepth', capacity.lowAirDepthCm, 'cm'),
          whyInput('fillHeight', surfaceCm, 'cm'),
          whyInput('rootDepth', facts.crop?.rootDepthCm, 'cm'),
        ],
      },
    }),
    ...(ph && { ph: phWhy(facts, ph, likely) }),
    ...(ecSme && {
      ec: {
        rule: ecSme.measuredOn ? 'ec.measured' : 'ec.composition',
        source: ecSme.measuredOn ? 'you' : 'salts',
        ...sureness(
          ecSme,
          ecSme.measuredOn ? readingRange('ec', ecSme.value) : likely.ecSme,
          'dS/m',
        ),
        inputs: [
          ...estimateBeside(ecSme, blendEc({ components }).ecSme, 'dS/m'),
          whyInput('ecCeiling', facts.crop?.ecMaxSme, 'dS/m'),
        ],
      },
    }),
    ...(air && {
      weight: {
        rule: 'weight',
        source: 'packing',
        inputs: [
          whyInput('bulkDensity', blend.bulkDensity, 'kg/L'),
          whyInput('waterHeld', Math.max(0, blend.totalPorosity - air.value), 'share'),
        ],
      },
    }),
  }
  return { why, innings }
}

/** How many more seasons it serves as it is. */
function inningsOf(
  { components, measuredWater, container, surfaceCm, crop }: LotFacts,
  { meanTempC, humifiedFines }: Parameters<typeof lotWhy>[1],
  air: Range,
): InningsRange | null {
  if (!container || !surfaceCm || !crop || !humifiedFines) return null
  return inningsRange({
    components: lotComponents(components, measuredWater),
    container: {
      shape: container.shape,
      fillHeightCm: Math.min(surfaceCm, container.shape.heightCm),
    },
    cropAirMin: crop.airMinPercent / 100,
    seasonMeanTempC: meanTempC,
    humifiedFines,
    air,
  })
}

function litresWhy({ lot, containers }: LotFacts): Why {
  const sum = (sign: 1 | -1) =>
    lot.ledger.reduce((total, { litres }) => total + Math.max(0, sign * litres), 0)
  const room = containers.reduce((total, { litres }) => total + litres, 0)
  return {
    rule: 'ledger',
    source: 'ledger',
    inputs: [
      whyInput('cameIn', sum(1), 'L'),
      whyInput('wentOut', sum(-1), 'L'),
      whyInput('room', room > 0 ? room : null, 'L'),
    ],
  }
}

function phWhy(facts: LotFacts, ph: NonNullable<LotFacts['ph']>, likely: MediaRange): Why {
  const blend = blendPh({ components: facts.components })
  const bands = [
    whyInput('phLow', facts.crop?.pHLow, 'pH'),
    whyInput('phHigh', facts.crop?.pHHigh, 'pH'),
  ]
  if (ph.measuredOn) {
    return {
      rule: 'ph.measured',
      source: 'you',
      ...sureness(ph, readingRange('ph', ph.value), 'pH'),
      inputs: [whyInput('estimate', blend.ph, 'pH'), ...bands],
    }
  }
  const fromTurnover = Math.abs(ph.value - blend.ph) > 1e-9
  return {
    rule: fromTurnover ? 'ph.turnover' : 'ph.composition',
    source: 'buffer',
    // What was limed or soured since is as sure as the mix it was done to.
    range: [ph.value + likely.ph.p10 - likely.ph.p50, ph.value + likely.ph.p90 - likely.ph.p50],
    rangeUnit: 'pH',
    inputs: [
      whyInput('buffer', blend.buffer, 'g/L/pH'),
      whyInput('freeLime', blend.freeLimeGPerL, 'g/L'),
      ...bands,
    ],
  }
}

/** Read in its own pot, tested in another and worked out for this one, or estimated. */
function airRule({ air, hydraulics }: LotFacts): WhyRule {
  if (!air?.measuredOn) return 'air'
  return hydraulics?.testedOn === air.measuredOn ? 'air.tested' : 'air.measured'
}

function airBand({ crop }: LotFacts) {
  return [
    whyInput('airMin', crop ? crop.airMinPercent / 100 : null, 'share'),
    whyInput('airMax', crop ? crop.airMaxPercent / 100 : null, 'share'),
  ]
}

/** A measured number stands with its day; an estimate with its range. */
function sureness(
  { measuredOn, testId }: NonNullable<LotFacts['air']>,
  { p10, p90 }: Range,
  rangeUnit: Why['rangeUnit'] = 'share',
): Pick<Why, 'range' | 'rangeUnit' | 'measuredOn' | 'testId'> {
  return {
    range: [p10, p90],
    rangeUnit,
    ...(measuredOn && { measuredOn }),
    ...(testId && { testId }),
  }
}

function estimateBeside(
  reading: NonNullable<LotFacts['air']>,
  estimate: number | undefined,
  unit: 'share' | 'dS/m',
) {
  return reading.measuredOn ? [whyInput('estimate', estimate, unit)] : []
}
