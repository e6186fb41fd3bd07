import {
  leach,
  limeDose,
  nitrogenBudget,
  nitrogenSupply,
  reacted,
  waterDrift,
} from '../../../src/core/chemistry'
import { ageMedia, blendMedia, containerCapacity, volumeYield } from '../../../src/core/media'
import { mediaRange } from '../../../src/core/ranges'
import { amendment, crop, material } from '../../../testing/tables'
import {
  air,
  BAG,
  BUCKET,
  FEATHERY,
  inJuly,
  mix,
  POT_20,
  round,
  TRAY,
  twoLitresOn,
  wetterOverGravel,
} from './pots'

/** What growers and the literature see, and the same by the code of this product. */
export interface Seen {
  readonly what: string
  readonly unit: string
  readonly low: number
  readonly high: number
  readonly by: string
  readonly computed: () => number
  readonly digits: number
}

export const SEEN: readonly Seen[] = [
  {
    what: 'Air of an all-purpose bag mix in a 20 cm pot',
    unit: '%',
    low: 14,
    high: 29,
    by: 'growers',
    digits: 0,
    computed: () => air(BAG, POT_20, 17.5),
  },
  {
    what: 'The same mix in a tray filled 4 cm deep',
    unit: '%',
    low: 2,
    high: 12,
    by: 'growers',
    digits: 0,
    computed: () => air(BAG, TRAY, 4),
  },
  {
    what: 'Air of coarse perlite in that pot',
    unit: '%',
    low: 40,
    high: 75,
    by: 'growers',
    digits: 0,
    computed: () => air(mix({ 'perlite-coarse': 1 }), POT_20, 17.5),
  },
  {
    what: 'Least likely air of old mix of unknown recipe in it',
    unit: '%',
    low: 3,
    high: 12,
    by: 'growers',
    digits: 0,
    computed: () =>
      100 *
      mediaRange({
        components: mix({ 'spent-mix': 1 }),
        container: { shape: POT_20, fillHeightCm: 17.5 },
      }).airFraction.p10,
  },
  {
    what: 'First drip after two litres onto 12 litres of bag mix',
    unit: 's',
    low: 25,
    high: 60,
    by: 'growers',
    digits: 0,
    computed: () => twoLitresOn(BAG).firstDripS ?? Number.POSITIVE_INFINITY,
  },
  {
    what: 'Until a litre of them has run out',
    unit: 's',
    low: 60,
    high: 180,
    by: 'growers',
    digits: 0,
    computed: () => twoLitresOn(BAG).timeToMl(1000) ?? Number.POSITIVE_INFINITY,
  },
  {
    what: 'The same with a quarter of grit',
    unit: 's',
    low: 30,
    high: 120,
    by: 'growers',
    digits: 0,
    computed: () =>
      twoLitresOn(mix({ 'all-purpose-mix': 3, grit: 1 })).timeToMl(1000) ??
      Number.POSITIVE_INFINITY,
  },
  {
    what: 'Mix above 4 cm of gravel is wetter than with mix below, by',
    unit: 'points',
    low: 0.5,
    high: 6,
    by: 'growers',
    digits: 1,
    computed: wetterOverGravel,
  },
  {
    what: 'A litre of bark and a litre of coarse sand make',
    unit: 'L',
    low: 1.4,
    high: 1.9,
    by: 'growers',
    digits: 2,
    computed: () =>
      2 *
      volumeYield([
        { material: material('bark-fine'), share: 0.5 },
        { material: material('coarse-sand'), share: 0.5 },
      ]),
  },
  {
    what: 'Wet weight of a litre of drained bag mix',
    unit: 'kg',
    low: 0.6,
    high: 0.95,
    by: 'growers',
    digits: 2,
    computed: () => {
      const { curve, bulkDensity } = blendMedia({ components: BAG })
      const { waterFraction } = containerCapacity({ curve, shape: POT_20, fillHeightCm: 17.5 })
      return bulkDensity + waterFraction
    },
  },
  {
    what: 'Air of the bag mix after two seasons',
    unit: '%',
    low: 14,
    high: 19,
    by: 'growers',
    digits: 0,
    computed: () => {
      const aged = ageMedia({
        components: BAG,
        months: 14,
        meanTempC: 16,
        humifiedFines: material('humified-fines'),
      })
      return (
        100 *
        containerCapacity({ curve: aged.curve, shape: POT_20, fillHeightCm: 17.5 }).airFraction
      )
    },
  },
  {
    what: 'Taken by the air from short grass in mid July at 50° north',
    unit: 'mm/d',
    low: 3.8,
    high: 5.2,
    by: 'growers',
    digits: 1,
    computed: () => inJuly('lavender', BUCKET, 21.5, 1).et0MmPerDay,
  },
  {
    what: 'Water a tall tomato in 20 L takes in a July day',
    unit: 'L',
    low: 1.5,
    high: 3,
    by: 'growers',
    digits: 1,
    computed: () => inJuly('tomato-tall', round(32, 26, 32), 29.5, 1).lossLPerDay,
  },
  {
    what: 'The same in 9 L',
    unit: 'L',
    low: 1,
    high: 2.2,
    by: 'growers',
    digits: 1,
    computed: () => inJuly('tomato-tall', round(25, 19, 25), 22.5, 1).lossLPerDay,
  },
  {
    what: 'Days between waterings of a petunia basket in July',
    unit: 'days',
    low: 1,
    high: 2.5,
    by: 'growers',
    digits: 1,
    computed: () =>
      inJuly('petunia', { kind: 'bowl', rimDiameterCm: 38, heightCm: 18 }, 16, 1).days ?? 0,
  },
  {
    what: 'Ground limestone that lifts raw peat to pH 5.8',
    unit: 'g/L',
    low: 2.5,
    high: 6,
    by: 'Bunt 1988',
    digits: 1,
    computed: () => {
      const { pH, limeBuffer } = material('peat-medium')
      const dose = limeDose({
        ph: pH,
        target: 5.8,
        buffer: limeBuffer,
        material: amendment('calcitic-lime'),
      })
      return dose.neededGPerL
    },
  },
  {
    what: 'Rise of pH in a camellia’s tub by a half-year of hard water',
    unit: 'pH',
    low: 0.2,
    high: 0.7,
    by: 'growers',
    digits: 2,
    computed: () =>
      waterDrift({ alkalinity: 180, litresApplied: 220, mediaLitres: 56, buffer: 0.8 }).deltaPh,
  },
  {
    what: 'Water through each litre that halves the salts of a mix',
    unit: 'L',
    low: 0.6,
    high: 1.3,
    by: 'growers',
    digits: 2,
    computed: () => leach({ ec: 4, target: 2, mediaLitres: 1, waterFraction: 0.65 }).litres,
  },
  {
    what: 'Nitrogen tied up by 30 % wood fibre in twenty weeks',
    unit: 'mg/L',
    low: 90,
    high: 150,
    by: 'growers',
    digits: 0,
    computed: () =>
      nitrogenBudget({
        components: FEATHERY.filter(({ material: { id } }) => id === 'wood-fibre').concat(
          mix({ 'perlite-coarse': 7 }),
        ),
        crop: crop('tomato-tall'),
        weeks: 20,
      }).weeks.reduce((sum, { immobilisable }) => sum + immobilisable, 0),
  },
  {
    what: 'Of the nitrogen of blood meal, free after eight weeks at 20 °C',
    unit: '%',
    low: 50,
    high: 70,
    by: 'Hartz & Johnstone 2006',
    digits: 0,
    computed: () => {
      const { nPercent, nReleaseSeason, releaseDays50 } = amendment('blood-meal')
      const given = { gPerL: 1, nPercent, nReleaseSeason, releaseDays50, weeks: 8, q10: 1.3 }
      return (100 * nitrogenSupply(given).totalMgPerL) / (10 * nPercent)
    },
  },
  {
    what: 'Of a five-month coated feed, given after five months at 20 °C',
    unit: '%',
    low: 70,
    high: 95,
    by: 'growers',
    digits: 0,
    computed: () => 100 * reacted(150, amendment('crf-5-month').releaseDays50),
  },
]

/** The table of docs/models.md. */
export function seenTable(): string {
  const rows = SEEN.map(({ what, unit, low, high, by, digits, computed }) => {
    const value = computed()
    return `| ${what} | ${low} to ${high} ${unit} | ${by} | ${value.toFixed(digits)} ${unit} |`
  })
  return ['| What | seen | by | computed |', '|---|---|---|---|', ...rows].join('\n')
}
