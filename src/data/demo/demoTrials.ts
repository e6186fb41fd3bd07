import type { TrialEvent, TrialMeasure } from '../../core/trials'
import type { NewTreatment, NewTrialRow } from '../trials/trials'

/** A trial of the made-up garden that is over: what its pots came to is worked out from these and a seed. */
export interface DemoTrial {
  readonly trial: Pick<
    NewTrialRow,
    | 'name'
    | 'kind'
    | 'question'
    | 'wish'
    | 'must'
    | 'mustValue'
    | 'measures'
    | 'checkDays'
    | 'cropId'
    | 'how'
    | 'perPot'
    | 'pots'
    | 'place'
    | 'potSize'
    | 'protocol'
    | 'isBlind'
  >
  readonly seed: number
  readonly plantedDaysAgo: number
  readonly lessons: string
  readonly treatments: readonly (Pick<NewTreatment, 'name' | 'medium'> &
    Partial<Pick<NewTreatment, 'added' | 'dose'>>)[]
  /** Of a side by side. */
  readonly crops?: readonly string[]
  /** Means by measure, treatment and check; of a side by side a list of crops instead of checks. */
  readonly means: Partial<Record<TrialMeasure, readonly (readonly (number | null)[])[]>>
  /** Of the pots around their mean, percent. */
  readonly cv: number
  /** Pots by treatment and place among them, what happened on which day, and whether they were left out for it. */
  readonly happened?: readonly {
    readonly treatment: number
    readonly place: number
    readonly day: number
    readonly kind: TrialEvent
    readonly note: string
    readonly isLeftOut: boolean
  }[]
}

const POT_17 = {
  name: 'Pot of 17 cm',
  shape: { kind: 'round' as const, topDiameterCm: 17, baseDiameterCm: 13, heightCm: 15 },
  headspaceCm: 1.5,
}
const TRAY = {
  name: 'Seed tray',
  shape: {
    kind: 'rectangular' as const,
    topLengthCm: 36,
    topWidthCm: 22,
    baseLengthCm: 34,
    baseWidthCm: 20,
    heightCm: 6,
  },
  headspaceCm: 1,
}
const OUTDOORS = { presoakHours: 0, depthCm: 1, bottomWater: false, light: 'outdoors' as const }
const SOWN = { presoakHours: 8, depthCm: 3, bottomWater: true, light: 'window' as const }
const bag = (materialId: string) => ({ kind: 'bag' as const, materialId })
const trough = (version: number) => ({ kind: 'mix' as const, mixId: 1, version })

export const OVER: readonly DemoTrial[] = [
  {
    trial: {
      name: 'Spring chard: bag or own mix',
      kind: 'comparison',
      question: 'Is our own trough mix as good as the bag, and was opening it up worth the work?',
      wish: 'more',
      must: 'survival',
      mustValue: 80,
      measures: ['height', 'vigour', 'harvest', 'sunk'],
      checkDays: [14, 28, 42, 56],
      cropId: 'chard',
      how: 'planted',
      perPot: 1,
      pots: 6,
      place: 'Crane deck',
      potSize: POT_17,
      protocol: OUTDOORS,
      isBlind: true,
    },
    seed: 41,
    plantedDaysAgo: 200,
    lessons: 'Net the pots from the first day: the one that was dug up had no net.',
    treatments: [
      { name: 'Bag', medium: bag('all-purpose-mix') },
      { name: 'Trough mix', medium: trough(3) },
      { name: 'Trough mix, second try', medium: trough(2) },
    ],
    means: {
      height: [
        [7, 13, 19, 24],
        [7, 15, 23, 29],
        [7, 13, 20, 25],
      ],
      vigour: [
        [3, 3.4, 3.4, 3.5],
        [3.2, 3.9, 4.2, 4.4],
        [3, 3.4, 3.5, 3.6],
      ],
      harvest: [
        [null, null, null, 148],
        [null, null, null, 206],
        [null, null, null, 157],
      ],
      sunk: [
        [null, null, null, 1.4],
        [null, null, null, 0.8],
        [null, null, null, 1.2],
      ],
    },
    cv: 13,
    happened: [
      {
        treatment: 1,
        place: 2,
        day: 20,
        kind: 'animal',
        note: 'dug up in the night, no net on it',
        isLeftOut: true,
      },
      { treatment: 0, place: 4, day: 31, kind: 'missed', note: '', isLeftOut: false },
    ],
  },
  {
    trial: {
      name: 'Beans in green-waste compost',
      kind: 'dose',
      question: 'How much of the delivered green-waste compost can beans stand?',
      wish: 'more',
      must: 'germination',
      mustValue: 80,
      measures: ['emerged', 'height', 'vigour'],
      checkDays: [10, 21],
      cropId: 'dwarf-bean',
      how: 'sown',
      perPot: 5,
      pots: 4,
      place: 'North landing',
      potSize: POT_17,
      protocol: SOWN,
      isBlind: false,
    },
    seed: 7,
    plantedDaysAgo: 150,
    lessons: 'Five seeds a pot are enough; sow on one day, all from one packet.',
    treatments: [
      { name: 'Seed mix alone', medium: bag('seed-mix') },
      ...[25, 50, 75, 100].map((dose) => ({
        name: `${dose} %`,
        medium: bag('seed-mix'),
        added: bag('green-waste-compost'),
        dose,
      })),
    ],
    means: {
      emerged: [
        [3.6, 4.8],
        [3.6, 4.7],
        [2.8, 4],
        [2, 2.9],
        [0.9, 1.6],
      ],
      height: [
        [5, 14],
        [5, 14.2],
        [4.2, 11.4],
        [3, 8],
        [2, 5],
      ],
      vigour: [
        [3.6, 4.2],
        [3.6, 4.1],
        [3, 3.1],
        [2.2, 2.2],
        [1.4, 1.3],
      ],
    },
    cv: 9,
  },
  {
    trial: {
      name: 'Weeds in steamed and fresh mix',
      kind: 'count',
      question: 'Does steaming the spent mix rid it of weeds, as far as a fresh one?',
      wish: 'less',
      must: 'weeds',
      mustValue: 5,
      measures: ['emerged'],
      checkDays: [14, 28],
      cropId: null,
      how: 'sown',
      perPot: 0,
      pots: 4,
      place: 'North landing',
      potSize: TRAY,
      protocol: OUTDOORS,
      isBlind: false,
    },
    seed: 19,
    plantedDaysAgo: 120,
    lessons: '',
    treatments: [
      { name: 'Spent mix as it came', medium: bag('spent-mix') },
      { name: 'Spent mix, steamed', medium: bag('spent-mix') },
      { name: 'Fresh mix', medium: bag('all-purpose-mix') },
    ],
    means: {
      emerged: [
        [9, 21],
        [1, 3],
        [1, 2],
      ],
    },
    cv: 16,
  },
  {
    trial: {
      name: 'Celery seedlings in two seed mixes',
      kind: 'comparison',
      question: 'Do celery seeds come up better in our sieved mix?',
      wish: 'more',
      must: 'germination',
      mustValue: 80,
      measures: ['emerged'],
      checkDays: [14, 21],
      cropId: 'celery',
      how: 'sown',
      perPot: 10,
      pots: 4,
      place: 'North landing',
      potSize: POT_17,
      protocol: { presoakHours: 0, depthCm: 0.2, bottomWater: true, light: 'window' },
      isBlind: false,
    },
    seed: 23,
    plantedDaysAgo: 230,
    lessons: 'The packet was four years old: try ten seeds on damp paper before any trial.',
    treatments: [
      { name: 'Seed mix', medium: bag('seed-mix') },
      { name: 'Sieved mix', medium: trough(3) },
    ],
    means: {
      emerged: [
        [3, 4.5],
        [3, 5.2],
      ],
    },
    cv: 20,
  },
  {
    trial: {
      name: 'Five crops in two mixes',
      kind: 'side-by-side',
      question: 'Which of the two do most of our crops prefer?',
      wish: 'more',
      must: 'survival',
      mustValue: 80,
      measures: ['vigour', 'harvest'],
      checkDays: [21, 49],
      cropId: null,
      how: 'planted',
      perPot: 1,
      pots: 1,
      place: 'Crane deck',
      potSize: POT_17,
      protocol: OUTDOORS,
      isBlind: false,
    },
    seed: 5,
    plantedDaysAgo: 165,
    lessons: 'Five crops were too few once one was lost: take eight.',
    treatments: [
      { name: 'Bag', medium: bag('all-purpose-mix') },
      { name: 'Trough mix', medium: trough(3) },
    ],
    crops: ['chard', 'beetroot', 'endive', 'lettuce', 'dwarf-bean'],
    means: {
      vigour: [
        [3, 3, 4, 3, 3],
        [4, 4, 4, 4, 4],
      ],
      harvest: [
        [140, 180, 210, 160, 95],
        [190, 230, 215, 205, 120],
      ],
    },
    cv: 4,
    happened: [
      {
        treatment: 1,
        place: 4,
        day: 30,
        kind: 'broken',
        note: 'the pot fell off the wall',
        isLeftOut: true,
      },
    ],
  },
]
