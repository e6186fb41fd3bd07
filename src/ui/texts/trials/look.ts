import type { TrialCheck, TrialMeasure } from '../../../core/trials'
import type { Happened } from '../../../messages/trials/looks'
import type { LeftOutView } from '../../../messages/trials/lookViews'

const events: Readonly<Record<Happened, string>> = {
  pest: 'Pest seen',
  disease: 'Disease',
  treated: 'Sprayed or picked off',
  missed: 'Missed a watering',
  overwatered: 'Overwatered',
  weather: 'Heat or frost',
  animal: 'Animal damage',
  broken: 'Broken',
  bolted: 'Bolted',
  died: 'Died',
  problem: 'Of the list of problems',
}

/** Words of looking at the pots of a trial, and of what happens to them. */
export const look = {
  title: (name: string) => `Look: ${name}`,
  events,
  at: (place: number, of: number) => `pot ${place} of ${of}`,
  block: (number: number) => `block ${number}`,
  seeds: (count: number) => (count === 1 ? '1 seed' : `${count} seeds`),
  check: ({ day, state }: TrialCheck, on: string) =>
    state === 'late'
      ? `The look of day ${day} was due on ${on}.`
      : state === 'to-come'
        ? `It counts for the look of day ${day}, due on ${on}.`
        : `The look of day ${day}.`,
  noCheck: 'No look was planned: what you enter counts for this day.',
  day: 'Looked at on',
  dayHint: 'another day for what you wrote down on paper',
  showDay: 'Go to that day',
  before: (value: string, on: string) => `${value} on ${on}`,
  sofar: (value: string, on: string) => `${value} so far, last on ${on}`,
  first: 'not read before',
  asBefore: 'As before',
  wipe: 'Take off the last digit',
  keys: 'Keys',
  keepNext: (code: string) => `Keep, and on to ${code}`,
  keep: 'Keep it',
  skip: 'Skip this pot',
  kept: (code: string) => `${code} is kept.`,
  refused: (code: string) => `${code} was not taken.`,
  nothing: 'Nothing is entered for this pot yet.',
  low: (low: number, high: number, unit: string) =>
    `Between ${low} and ${high}${unit ? ` ${unit}` : ''}.`,
  number: 'A number, such as 12.5.',
  whole: 'A whole number.',
  sown: (count: number) => `Only ${count} were sown in it: leave out what came up by itself.`,
  note: 'Note',
  photo: 'Take a photo',
  photoKept: (code: string) => `Photo of ${code}`,
  happened: 'Something happened',
  happenedHead: (code: string) => `What happened to ${code}?`,
  happenedNote: 'A word about it',
  scope: 'To which pots',
  scopes: {
    pot: (code: string) => code,
    block: (code: string) => `The block of ${code}`,
    all: () => 'All pots of the trial',
  },
  leaveOutBlock: 'Leave these pots out from that day on',
  leaveOut: 'Leave this pot out from that day on',
  leaveOutHint:
    'For an accident that says nothing about its mix. It stays listed, and every result says how many pots were used.',
  leaveOutDied:
    'Leave it out only if its mix had nothing to do with it: a pot that died counts as one that did not live.',
  writeDown: 'Write it down',
  wroteEvent: (code: string, what: string) => `${code}: ${what.toLowerCase()}`,
  close: 'Close',
  problem: 'Which one?',
  problemHint: 'such as slugs, wilt or yellow leaves; it counts for its mix as well',
  leftOut: ({ happened, why }: LeftOutView, on: string) =>
    happened === 'moved'
      ? `Left out since ${on}: its plants were taken out.`
      : `Left out since ${on}: ${[happened ? events[happened].toLowerCase() : '', why].filter(Boolean).join(', ')}.`,
  countAgain: 'Count it again',
  died: (on: string) => `Died, seen on ${on}.`,
  all: 'All pots',
  looked: (done: number, of: number) => `${done} of ${of} looked at`,
  state: { looked: 'looked at', open: 'not yet', out: 'left out', dead: 'died' },
  over: (count: number) =>
    count === 1 ? 'The pot is looked at.' : `All ${count} pots are looked at.`,
  overNext: 'Back to the trial',
  waiting: (count: number) =>
    count === 1
      ? 'One pot waits here until there is a connection.'
      : `${count} pots wait here until there is a connection.`,
  sending: (count: number) => (count === 1 ? 'one is being sent' : `${count} are being sent`),
  blind: 'Scored blind: what is in a pot is told once the trial is closed.',
  closed: 'This trial is closed: open it again on its page to write something down.',
  empty: 'This trial has no pots.',
  back: 'To the trial',
  entry: (code: string) => `What was read at ${code}`,
  short: {
    height: 'Height',
    leaves: 'Leaves',
    stem: 'Stem',
    flowers: 'Flowers',
    fruits: 'Fruits set',
    'fruits-picked': 'Fruits picked',
    picked: 'Picked',
    vigour: 'Vigour',
    emerged: 'Seedlings up',
    harvest: 'Fresh shoots',
    sunk: 'Mix sank by',
    water: 'Water given',
  } satisfies Record<TrialMeasure, string>,
  scores: [
    'dead or barely alive',
    'weak: small or pale',
    'fair: grows, some leaves poor',
    'good: strong and even',
    'could not be better',
  ],
} as const
