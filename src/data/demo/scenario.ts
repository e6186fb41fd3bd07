import type { ContainerShape } from '../../core/containers'
import type { LotOrigin, MeasuredQuantity } from '../media/lotTables'

/** A made-up stair garden on the terraces of a former foundry, in the made-up harbour town of Port Aldern. */
export const SITE = {
  name: 'Foundry Steps',
  latitudeDeg: 50.4,
  timeZone: 'Europe/London',
  locale: 'en-GB',
  unitSystem: 'metric',
  currency: null,
  climateByMonth: [
    { tMinC: 4, tMaxC: 9, rainMm: 98 },
    { tMinC: 4, tMaxC: 9, rainMm: 76 },
    { tMinC: 5, tMaxC: 11, rainMm: 70 },
    { tMinC: 6, tMaxC: 13, rainMm: 60 },
    { tMinC: 9, tMaxC: 16, rainMm: 58 },
    { tMinC: 12, tMaxC: 19, rainMm: 55 },
    { tMinC: 14, tMaxC: 21, rainMm: 58 },
    { tMinC: 14, tMaxC: 21, rainMm: 66 },
    { tMinC: 12, tMaxC: 19, rainMm: 70 },
    { tMinC: 10, tMaxC: 15, rainMm: 100 },
    { tMinC: 7, tMaxC: 12, rainMm: 104 },
    { tMinC: 5, tMaxC: 10, rainMm: 108 },
  ],
  tapWater: { ph: 7.6, ecDsPerM: 0.6, alkalinityMgPerL: 210 },
} as const

export interface DemoContainer {
  readonly code: string
  readonly name: string
  readonly place: string
  readonly shape: ContainerShape
  readonly headspaceCm: number
}

const round = (
  topDiameterCm: number,
  baseDiameterCm: number,
  heightCm: number,
): ContainerShape => ({
  kind: 'round',
  topDiameterCm,
  baseDiameterCm,
  heightCm,
})
const trough = (
  topLengthCm: number,
  topWidthCm: number,
  baseLengthCm: number,
  baseWidthCm: number,
  heightCm: number,
): ContainerShape => ({
  kind: 'rectangular',
  topLengthCm,
  topWidthCm,
  baseLengthCm,
  baseWidthCm,
  heightCm,
})

export const CONTAINERS: readonly DemoContainer[] = [
  {
    code: 'P01',
    name: 'Long trough',
    place: 'By the door',
    shape: trough(72, 34, 66, 28, 20),
    headspaceCm: 2.5,
  },
  {
    code: 'P02',
    name: 'Stair pot',
    place: 'Upper flight',
    shape: round(32, 24, 30),
    headspaceCm: 2.5,
  },
  {
    code: 'P03',
    name: 'Stair pot',
    place: 'Upper flight',
    shape: round(32, 24, 30),
    headspaceCm: 2.5,
  },
  {
    code: 'P04',
    name: 'Camellia tub',
    place: 'North landing',
    shape: round(48, 38, 42),
    headspaceCm: 3,
  },
  { code: 'P05', name: 'Grow bag', place: 'Crane deck', shape: round(35, 35, 40), headspaceCm: 4 },
  { code: 'P06', name: 'Grow bag', place: 'Crane deck', shape: round(35, 35, 40), headspaceCm: 4 },
  { code: 'P07', name: 'Bean sack', place: 'South wall', shape: round(30, 30, 32), headspaceCm: 3 },
  { code: 'P08', name: 'Bean sack', place: 'South wall', shape: round(30, 30, 32), headspaceCm: 3 },
  {
    code: 'P09',
    name: 'Hanging basket',
    place: 'By the door',
    shape: { kind: 'bowl', rimDiameterCm: 40, heightCm: 18 },
    headspaceCm: 2,
  },
  {
    code: 'P10',
    name: 'Window box',
    place: 'North landing',
    shape: trough(80, 20, 76, 17, 18),
    headspaceCm: 2,
  },
  { code: 'P11', name: 'Wide bowl', place: 'Crane deck', shape: round(40, 34, 14), headspaceCm: 2 },
  {
    code: 'P12',
    name: 'Tall pot',
    place: 'South wall',
    shape: round(30, 24, 32),
    headspaceCm: 2.5,
  },
]

export interface DemoSeason {
  readonly cropId: string
  readonly outcome: 'well' | 'fair' | 'poor'
  /** What a season takes and leaves, L by material: organic parts rot, some of them to fines. */
  readonly ageing: Readonly<Record<string, number>>
}

export interface DemoLot {
  readonly name: string
  readonly origin: LotOrigin
  readonly codes: readonly string[]
  readonly storeBin: string | null
  readonly filled: Readonly<Record<string, number>>
  /** Oldest first; the last one ended a few weeks ago unless it still grows. */
  readonly seasons: readonly DemoSeason[]
  readonly stillGrowing: boolean
  readonly measured: readonly {
    readonly quantity: MeasuredQuantity
    readonly value: number
    readonly method: string
    readonly daysAgo: number
  }[]
}

export const LOTS: readonly DemoLot[] = [
  {
    name: 'Long trough by the door',
    origin: 'own recipe',
    codes: ['P01'],
    storeBin: null,
    filled: { 'peat-medium': 20, 'garden-compost': 8, 'perlite-coarse': 6 },
    seasons: [
      {
        cropId: 'beetroot',
        outcome: 'well',
        ageing: { 'peat-medium': -2, 'garden-compost': -1.5, 'humified-fines': 1.2 },
      },
      {
        cropId: 'chard',
        outcome: 'well',
        ageing: { 'peat-medium': -2.4, 'garden-compost': -1.8, 'humified-fines': 1.8 },
      },
      {
        cropId: 'potato',
        outcome: 'fair',
        ageing: { 'peat-medium': -2.6, 'garden-compost': -1.5, 'humified-fines': 2.2 },
      },
    ],
    stillGrowing: false,
    measured: [
      { quantity: 'ph', value: 6.7, method: '1:2 extract', daysAgo: 12 },
      { quantity: 'ecSme', value: 1.1, method: '1:2 extract, converted', daysAgo: 12 },
    ],
  },
  {
    name: 'Stair pots, upper flight',
    origin: 'own recipe',
    codes: ['P02', 'P03'],
    storeBin: null,
    filled: { 'bark-fine': 11, 'all-purpose-mix': 6, grit: 12, pumice: 4 },
    seasons: [
      {
        cropId: 'lavender',
        outcome: 'well',
        ageing: { 'bark-fine': -0.8, 'all-purpose-mix': -0.6, 'humified-fines': 0.3 },
      },
      { cropId: 'lavender', outcome: 'well', ageing: {} },
    ],
    stillGrowing: true,
    measured: [{ quantity: 'ph', value: 6.8, method: '1:2 extract', daysAgo: 40 }],
  },
  {
    name: 'Camellia tub',
    origin: 'own recipe',
    codes: ['P04'],
    storeBin: null,
    filled: { 'bark-fine': 26, 'acid-mix': 24, 'perlite-coarse': 6 },
    seasons: [
      {
        cropId: 'camellia',
        outcome: 'well',
        ageing: { 'bark-fine': -2, 'acid-mix': -2, 'humified-fines': 0.8 },
      },
      {
        cropId: 'camellia',
        outcome: 'well',
        ageing: { 'bark-fine': -2, 'acid-mix': -2, 'humified-fines': 0.8 },
      },
      {
        cropId: 'camellia',
        outcome: 'fair',
        ageing: { 'bark-fine': -2, 'acid-mix': -2.2, 'humified-fines': 1 },
      },
      { cropId: 'camellia', outcome: 'fair', ageing: {} },
    ],
    stillGrowing: true,
    measured: [{ quantity: 'ph', value: 6.4, method: 'pour-through', daysAgo: 9 }],
  },
  {
    name: 'Grow bags on the crane deck',
    origin: 'bag',
    codes: ['P05', 'P06'],
    storeBin: null,
    filled: { 'all-purpose-mix': 54, 'garden-compost': 14 },
    seasons: [
      {
        cropId: 'potato',
        outcome: 'well',
        ageing: { 'all-purpose-mix': -6, 'garden-compost': -4, 'humified-fines': 3 },
      },
    ],
    stillGrowing: false,
    measured: [],
  },
  {
    name: 'Bean sacks, south wall',
    origin: 'bag',
    codes: ['P07', 'P08'],
    storeBin: null,
    filled: { 'all-purpose-mix': 34, 'leaf-mould': 6 },
    seasons: [
      {
        cropId: 'potato',
        outcome: 'well',
        ageing: { 'all-purpose-mix': -3, 'leaf-mould': -1, 'humified-fines': 1.4 },
      },
      {
        cropId: 'dwarf-bean',
        outcome: 'poor',
        ageing: { 'all-purpose-mix': -4, 'leaf-mould': -1.2, 'humified-fines': 2 },
      },
    ],
    stillGrowing: false,
    measured: [{ quantity: 'airFraction', value: 0.12, method: 'porosity test', daysAgo: 15 }],
  },
  {
    name: 'Hanging basket by the door',
    origin: 'bag',
    codes: ['P09'],
    storeBin: null,
    filled: { 'all-purpose-mix': 8, 'coir-pith': 2.4, 'vermiculite-medium': 1.6 },
    seasons: [
      {
        cropId: 'fuchsia',
        outcome: 'well',
        ageing: { 'all-purpose-mix': -1.2, 'coir-pith': -0.3, 'humified-fines': 0.6 },
      },
    ],
    stillGrowing: false,
    measured: [],
  },
  {
    name: 'Window box, north landing',
    origin: 'bag',
    codes: ['P10'],
    storeBin: null,
    filled: { 'all-purpose-mix': 15, 'green-waste-compost': 7 },
    seasons: [
      {
        cropId: 'endive',
        outcome: 'fair',
        ageing: { 'all-purpose-mix': -2, 'green-waste-compost': -1.6, 'humified-fines': 1.2 },
      },
      {
        cropId: 'snapdragon',
        outcome: 'fair',
        ageing: { 'all-purpose-mix': -2, 'green-waste-compost': -1.2, 'humified-fines': 1.2 },
      },
    ],
    stillGrowing: false,
    measured: [
      { quantity: 'ecSme', value: 3.1, method: '1:2 extract, converted', daysAgo: 6 },
      { quantity: 'ph', value: 7.2, method: '1:2 extract', daysAgo: 6 },
    ],
  },
  {
    name: 'Bag mix, opened in August',
    origin: 'bag',
    codes: [],
    storeBin: 'Store bin 2',
    filled: { 'all-purpose-mix': 19 },
    seasons: [],
    stillGrowing: false,
    measured: [],
  },
]

/** What the shelf holds: litres and price a litre (0: own, free). */
export const STOCK: Readonly<Record<string, readonly [litres: number, pricePerLitre: number]>> = {
  'all-purpose-mix': [40, 0.22],
  'acid-mix': [30, 0.3],
  'leaf-mould': [60, 0],
  'garden-compost': [90, 0],
  'perlite-coarse': [25, 0.34],
  'rice-hulls': [40, 0.19],
  pumice: [15, 0.55],
  grit: [20, 0.26],
  'bark-fine': [30, 0.24],
}

/** Grams on the shelf and price a kilogram. */
export const AMENDMENT_STOCK: Readonly<
  Record<string, readonly [grams: number, pricePerKg: number]>
> = {
  'granular-444': [3200, 3.6],
  'feather-meal': [900, 4.2],
  'crf-5-month': [600, 9.5],
  'dolomitic-lime': [2500, 0.9],
  sulfur: [400, 4.5],
}
