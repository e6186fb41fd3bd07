import type { TriageAnswer } from '../../../core/recondition'

/** Words of grouping lots into heaps. */
export const batches = {
  title: 'Batches',
  lead: 'What may be tipped into one heap, and what has to stay apart.',
  choose: 'Which lots?',
  chosen: (count: number) => (count === 1 ? '1 lot chosen' : `${count} lots chosen`),
  standsInTheWay: 'What stands in the way',
  none: 'Choose the lots you want to turn over.',
  stands: {
    growing: 'plants stand in it',
    order: 'has an open work order',
  },
  heads: {
    reuse: 'Use again',
    clean: 'Clean, then use again',
    treat: 'Treat, then use again',
    restrict: 'Only for some plants, or after a test',
    compost: 'To the compost heap',
    discard: 'Into the bin',
  } satisfies Record<TriageAnswer, string>,
  litres: (litres: string, count: number) =>
    count === 1 ? litres : `${litres} from ${count} lots`,
  apart: 'It joins no other lot.',
  until: (day: string) => `Kept apart until ${day}.`,
  because: (problem: string, rule: string) => `${problem}: ${rule}`,
  healthy: 'nothing was found in them',
  healthyOne: 'nothing was found in it',
  together: 'Tip them together',
  togetherSome: (count: number) =>
    `Without those that cannot be tipped out now: ${count} lots become one in the store.`,
  tipping: 'They are tipped together',
  togetherNote: 'They become one lot in the store; their pots are empty then.',
  name: 'Name of the heap',
  join: 'Add another lot to this heap',
  joinWhich: 'Which lot?',
  joinNone: 'none',
  stop: (one: string, other: string) =>
    `Stop: what was found speaks against putting ${one} and ${other} together. One barrow spreads it to every pot the heap fills.`,
  despite: 'Why all the same?',
  despiteHint: 'The reason stays in the ledger of both.',
  ways: 'Compare the ways to go on',
  waysOf: (name: string) => `Compare the ways to go on with ${name}`,
  toLot: 'To the lot',
  made: (name: string, litres: string) => `${name}: ${litres} in one heap.`,
  defaultName: (count: number, day: string) => `Heap of ${count} lots, ${day}`,
  make: 'Group lots into batches',
} as const
