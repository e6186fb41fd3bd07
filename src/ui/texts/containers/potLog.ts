import type { PotLogKind } from '../../../core/season'

const kinds: Readonly<Record<PotLogKind, string>> = {
  growth: 'Growth',
  harvest: 'Harvest',
  problem: 'Problem',
  'stays wet': 'Stays wet',
  'dries fast': 'Dries too fast',
  missed: 'Missed a watering',
  photo: 'Photo',
  note: 'Note',
  height: 'Height',
  leaves: 'Leaves',
  stem: 'Stem',
  flowers: 'Flowers',
  fruits: 'Fruits set',
  'fruits picked': 'Fruits picked',
  emerged: 'Seedlings up',
  shoots: 'Fresh shoots',
  sunk: 'Mix sank by',
  water: 'Water given',
  pest: 'Pest seen',
  disease: 'Disease',
  treated: 'Sprayed or picked off',
  overwatered: 'Overwatered',
  weather: 'Heat or frost',
  animal: 'Animal damage',
  broken: 'Broken',
  bolted: 'Bolted',
  died: 'Died',
}

/** Units of what is measured. */
const units: Partial<Record<PotLogKind, string>> = {
  height: 'cm',
  stem: 'mm',
  shoots: 'g',
  sunk: 'cm',
  water: 'L',
}

/** Words of what is written down at a pot, on its page and on a round. */
export const potLog = {
  kinds,
  measured: (kind: PotLogKind, value: string) =>
    [kinds[kind], value, units[kind]].filter(Boolean).join(' '),
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
