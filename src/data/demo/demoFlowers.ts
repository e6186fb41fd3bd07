import type { DemoLot } from './demoLots'

/** Flowers and shrubs beside the lots that the stories tell of, and what is left over in the store. */
export const FLOWER_LOTS: readonly DemoLot[] = [
  {
    name: 'Fuchsia rail',
    origin: 'own recipe',
    codes: ['P27', 'P28', 'P29', 'P30', 'P31', 'P32'],
    storeBin: null,
    filled: { 'peat-fine': 24, 'leaf-mould': 14, 'vermiculite-medium': 8 },
    seasons: [
      {
        cropId: 'fuchsia',
        outcome: 'well',
        ageing: { 'peat-fine': -1.6, 'leaf-mould': -1.8, 'humified-fines': 1.8 },
      },
      {
        cropId: 'fuchsia',
        outcome: 'fair',
        ageing: { 'peat-fine': -1.6, 'leaf-mould': -1.6, 'humified-fines': 2 },
      },
    ],
    stillGrowing: false,
    measured: [],
    log: [
      { code: 'P28', kind: 'stays wet', daysAgo: 92 },
      { code: 'P28', kind: 'stays wet', daysAgo: 64 },
      { code: 'P30', kind: 'growth', value: 3, daysAgo: 64 },
    ],
  },
  {
    name: 'Bay pair',
    origin: 'own recipe',
    codes: ['P33', 'P34'],
    storeBin: null,
    filled: { 'bark-fine': 26, 'all-purpose-mix': 22, grit: 12, 'garden-compost': 7 },
    seasons: [
      {
        cropId: 'bay',
        outcome: 'well',
        ageing: { 'bark-fine': -1.2, 'garden-compost': -1.2, 'humified-fines': 0.9 },
      },
      {
        cropId: 'bay',
        outcome: 'well',
        ageing: { 'bark-fine': -1.2, 'garden-compost': -1, 'humified-fines': 0.9 },
      },
      {
        cropId: 'bay',
        outcome: 'well',
        ageing: { 'bark-fine': -1.2, 'garden-compost': -0.8, 'humified-fines': 0.9 },
      },
      { cropId: 'bay', outcome: 'well', ageing: {} },
    ],
    stillGrowing: true,
    measured: [],
    log: [{ code: 'P33', kind: 'growth', value: 4, daysAgo: 88 }],
  },
  {
    name: 'Hydrangea on the landing',
    origin: 'bag',
    codes: ['P35'],
    storeBin: null,
    filled: { 'acid-mix': 26, 'leaf-mould': 7, 'bark-fine': 4 },
    seasons: [
      {
        cropId: 'hydrangea',
        outcome: 'well',
        ageing: { 'acid-mix': -1.6, 'leaf-mould': -1.1, 'humified-fines': 1 },
      },
      {
        cropId: 'hydrangea',
        outcome: 'fair',
        ageing: { 'acid-mix': -1.6, 'leaf-mould': -1, 'humified-fines': 1 },
      },
      { cropId: 'hydrangea', outcome: 'fair', ageing: {} },
    ],
    stillGrowing: true,
    measured: [{ quantity: 'ph', value: 6.1, method: 'pour-through', daysAgo: 33 }],
    log: [{ code: 'P35', kind: 'missed', daysAgo: 107 }],
  },
  {
    name: 'Nasturtium pans',
    origin: 'bag',
    codes: ['P37', 'P38', 'P39', 'P40'],
    storeBin: null,
    filled: { 'all-purpose-mix': 22, 'coarse-sand': 6 },
    seasons: [
      {
        cropId: 'nasturtium',
        outcome: 'well',
        how: 'sown',
        ageing: { 'all-purpose-mix': -1.6, 'humified-fines': 0.8 },
      },
    ],
    stillGrowing: false,
    measured: [],
    log: [{ code: 'P38', kind: 'growth', value: 5, daysAgo: 75 }],
  },
  {
    name: 'Snapdragon row',
    origin: 'bag',
    codes: ['P49', 'P50', 'P51', 'P52', 'P53', 'P54', 'P55', 'P56'],
    storeBin: null,
    filled: { 'all-purpose-mix': 9, 'perlite-coarse': 2.5, 'leaf-mould': 2.5 },
    seasons: [
      {
        cropId: 'snapdragon',
        outcome: 'well',
        how: 'plugs',
        ageing: { 'all-purpose-mix': -0.6, 'leaf-mould': -0.4, 'humified-fines': 0.4 },
      },
    ],
    stillGrowing: false,
    looked: [
      {
        code: 'P51',
        daysAgo: 8,
        dropCm: 2,
        rootMass: 'fine',
        smell: 'earth',
        problemIds: ['self-seeders'],
        note: 'Seedlings all over the top',
      },
    ],
    measured: [],
    log: [],
  },
  {
    name: 'Sieved mix left over',
    origin: 'own recipe',
    codes: [],
    storeBin: 'Store bin 4',
    filled: { 'peat-medium': 12, 'humified-fines': 3, 'perlite-coarse': 6 },
    seasons: [],
    stillGrowing: false,
    measured: [{ quantity: 'ph', value: 6.4, method: '1:2 extract', daysAgo: 25 }],
    log: [],
  },
]
