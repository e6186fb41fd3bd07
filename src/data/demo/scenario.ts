import type { ContainerShape } from '../../core/containers'
import type { Exposure } from '../../core/season'
import { MORE_POTS } from './morePots'

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
  readonly exposure: Exposure
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
    exposure: 'open',
  },
  {
    code: 'P02',
    name: 'Stair pot',
    place: 'Upper flight',
    shape: round(32, 24, 30),
    headspaceCm: 2.5,
    exposure: 'windy',
  },
  {
    code: 'P03',
    name: 'Stair pot',
    place: 'Upper flight',
    shape: round(32, 24, 30),
    headspaceCm: 2.5,
    exposure: 'windy',
  },
  {
    code: 'P04',
    name: 'Camellia tub',
    place: 'North landing',
    shape: round(48, 38, 42),
    headspaceCm: 3,
    exposure: 'shade',
  },
  {
    code: 'P05',
    name: 'Grow bag',
    place: 'Crane deck',
    shape: round(35, 35, 40),
    headspaceCm: 4,
    exposure: 'windy',
  },
  {
    code: 'P06',
    name: 'Grow bag',
    place: 'Crane deck',
    shape: round(35, 35, 40),
    headspaceCm: 4,
    exposure: 'windy',
  },
  {
    code: 'P07',
    name: 'Bean sack',
    place: 'South wall',
    shape: round(30, 30, 32),
    headspaceCm: 3,
    exposure: 'windy',
  },
  {
    code: 'P08',
    name: 'Bean sack',
    place: 'South wall',
    shape: round(30, 30, 32),
    headspaceCm: 3,
    exposure: 'windy',
  },
  {
    code: 'P09',
    name: 'Hanging basket',
    place: 'By the door',
    shape: { kind: 'bowl', rimDiameterCm: 40, heightCm: 18 },
    headspaceCm: 2,
    exposure: 'open',
  },
  {
    code: 'P10',
    name: 'Window box',
    place: 'North landing',
    shape: trough(80, 20, 76, 17, 18),
    headspaceCm: 2,
    exposure: 'shade',
  },
  {
    code: 'P11',
    name: 'Wide bowl',
    place: 'Crane deck',
    shape: round(40, 34, 14),
    headspaceCm: 2,
    exposure: 'windy',
  },
  {
    code: 'P12',
    name: 'Tall pot',
    place: 'South wall',
    shape: round(30, 24, 32),
    headspaceCm: 2.5,
    exposure: 'windy',
  },
  ...MORE_POTS,
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
