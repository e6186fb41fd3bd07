import type { PotLogKind } from '../../core/season'

const kinds: Readonly<Record<PotLogKind, string>> = {
  growth: 'Growth',
  harvest: 'Harvest',
  problem: 'Problem',
  'stays wet': 'Stays wet',
  'dries fast': 'Dries too fast',
  missed: 'Missed a watering',
  photo: 'Photo',
  note: 'Note',
}

/** Words of what is written down at a pot, on its page and on a round. */
export const potLog = {
  kinds,
  growthOf: (score: number) => `Growth ${score} of 5`,
  growthHint: '1 barely alive, 3 fair, 5 could not be better',
  harvest: 'Harvested',
  harvestHint: 'such as 250 g or 8 oz',
  harvestKey: 'Write the harvest down',
  howMuch: 'Say how much was harvested, such as 250 g.',
  problem: 'What is wrong?',
  problemHint: 'such as wilt, grubs or yellow leaves; it counts for its mix as well',
  noProblem: 'Nothing in the list sounds like that.',
} as const
