import type { IntakeAnswers } from '../src/messages/recondition/answers'

/** What a grower tells of the demo garden's long trough, and wants in it next. */
export const TROUGH_TO_STRAWBERRY: IntakeAnswers = {
  lot: 1,
  drop: 5,
  roots: 'fine',
  side: 'no',
  crop: 'strawberry',
  pots: [1],
  litres: null,
  share: 0.3,
  feed: 'organic',
  every: null,
}

/** A small trial as it is asked for. */
export const TRIAL_OF_TWO_BAGS = {
  kind: 'comparison',
  name: 'Two bags',
  question: 'Which of the two grows chard better?',
  wish: 'more',
  must: 'survival',
  mustValue: 80,
  measures: ['height'],
  checkDays: [14],
  cropId: 'chard',
  how: 'planted',
  perPot: 1,
  pots: 2,
  blocks: true,
  isBlind: false,
  place: 'Bench',
  potSize: {
    name: 'Tall pot',
    shape: { kind: 'round', topDiameterCm: 30, baseDiameterCm: 24, heightCm: 30 },
    headspaceCm: 2,
  },
  protocol: { presoakHours: 0, depthCm: 1, bottomWater: false, light: 'outdoors' },
  cv: 20,
  treatments: ['all-purpose-mix', 'seed-mix'].map((materialId) => ({
    name: materialId,
    medium: { kind: 'bag', materialId },
    dose: 0,
  })),
} as const
