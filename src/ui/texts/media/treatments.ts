import type { TreatmentKind } from '../../../core/recondition'

/** Words of what was done with a lot after something was found, and what was decided of it. */
export const treatments = {
  title: 'Say what was done, or decide',
  list: 'What was done and decided',
  what: 'What was done, or is decided?',
  choices: {
    debris: ['Debris is out', 'leaves, roots, grubs, runners sorted out'],
    skim: ['The top is off', 'its litres leave the lot'],
    leach: ['Salts were washed out', 'test them again in a week'],
    aerate: ['It was spread out and turned', 'it smells of earth again'],
    rewet: ['It was wetted through', 'water soaks in again'],
    rest: ['It rests from now on', 'closed, labelled, apart'],
    quarantine: ['Keep it apart until a day', 'nobody plants or mixes it before'],
    override: ['Use it all the same', 'your reason stays on the lot'],
  } satisfies Record<TreatmentKind, readonly [string, string]>,
  kinds: {
    debris: 'Debris taken out',
    skim: 'Top taken off',
    leach: 'Salts washed out',
    aerate: 'Spread out and turned',
    rewet: 'Wetted through',
    rest: 'Rests, closed',
    quarantine: 'Kept apart',
    override: 'Used all the same',
  } satisfies Record<TreatmentKind, string>,
  skimmed: (cm: string) => `Top ${cm} taken off`,
  depth: 'How deep?',
  topTo: 'Where did the top go?',
  away: 'Away, into the bin',
  toStore: 'Into the store, as a small lot',
  toStoreNote: 'under a deep planting, or to be heated',
  untilDay: 'Until when?',
  why: 'Why?',
  overrideHint:
    'Waits, treatments and kept-out families are then yours to judge. What makes food unsafe stays, and so does what it may be mixed with.',
  keep: 'Keep it',
  kept: (what: string) => `${what}: kept on this lot.`,
  topKept: (lotId: number) => `The top is lot ${lotId} now, in the store.`,
  until: (day: string) => `until ${day}`,
  ended: (day: string) => `ended ${day}`,
  end: 'End it',
  endOf: (what: string) => `End "${what}"`,
  endedNow: 'ended.',
  notCounted: 'it does not count any more.',
  changed: (day: string) => `Changed ${day}:`,
  fromTo: (before: string, after: string) =>
    before === after
      ? `still “${after.toLowerCase()}”.`
      : `from “${before.toLowerCase()}” to “${after.toLowerCase()}”.`,
  because: {
    found: (problem: string) => `${problem} was found.`,
    done: (what: string) => `${what}.`,
    test: 'A test told more.',
    time: 'Its time was over.',
  },
  freed: (families: string) => `May come again: ${families}.`,
  barred: (families: string) => `Kept out now: ${families}.`,
} as const
