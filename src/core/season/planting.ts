/** How plants went into a container. */
export const HOW_PLANTED = ['sown', 'plugs', 'planted'] as const
export type HowPlanted = (typeof HOW_PLANTED)[number]

/** Why a planting is over, as a person says it. */
export const ENDINGS = ['season over', 'harvested', 'died', 'moved'] as const
export type Ending = (typeof ENDINGS)[number]

/** What is written down at a container. */
export const POT_LOG_KINDS = [
  'growth',
  'harvest',
  'problem',
  'stays wet',
  'dries fast',
  'missed',
  'photo',
  'note',
  'height',
  'leaves',
  'stem',
  'flowers',
  'fruits',
  'fruits picked',
  'emerged',
  'shoots',
  'sunk',
  'water',
  'pest',
  'disease',
  'treated',
  'overwatered',
  'weather',
  'animal',
  'broken',
  'bolted',
  'died',
] as const
export type PotLogKind = (typeof POT_LOG_KINDS)[number]
