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
