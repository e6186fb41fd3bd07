import type { RootMass } from '../../core/recondition'
import type { HowPlanted, PotLogKind } from '../../core/season'
import type { LotOrigin, MeasuredQuantity } from '../media/lotTables'

export interface DemoSeason {
  readonly cropId: string
  readonly outcome: 'well' | 'fair' | 'poor'
  /** What a season takes and leaves, L by material: organic parts rot, some of them to fines. */
  readonly ageing: Readonly<Record<string, number>>
  /** Planted, where nothing else is said. */
  readonly how?: HowPlanted
  /** Of each pot. */
  readonly harvestG?: number
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
  /** What was written down at its pots, oldest first. */
  readonly log?: readonly {
    readonly code: string
    readonly kind: PotLogKind
    readonly value?: number
    readonly daysAgo: number
  }[]
  /** What somebody found when the pots were looked at, each in its pot. */
  readonly looked?: readonly {
    readonly code: string
    readonly daysAgo: number
    readonly dropCm: number
    readonly rootMass: RootMass
    readonly problemIds?: readonly string[]
    readonly smell?: 'earth' | 'sour'
    readonly mulchCm?: number
    readonly note?: string
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
