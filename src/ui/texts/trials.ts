import type { TrialState } from '../../messages/trials/trialViews'

/** Words of the list of trials and of one trial. */
export const trials = {
  title: 'Trials',
  lead: 'Does this mix really grow better? A control, enough pots, and an answer that says no more than it knows.',
  plan: 'Plan a trial',
  howMany: 'How many pots do I need?',
  empty: 'No trial yet',
  emptyNext:
    'Begin with the question you keep asking yourself: is my own mix as good as the bag? Is this compost safe for beans?',
  states: {
    planned: 'planned',
    ready: 'pots are there',
    running: 'running',
    closed: 'closed',
  } satisfies Record<TrialState, string>,
  pots: (count: number) => (count === 1 ? '1 pot' : `${count} pots`),
  plantedOn: (day: string) => `since ${day}`,
  nextCheck: (day: string) => `next look on ${day}`,
  against: (names: readonly string[]) =>
    names.length > 1 ? `${names.slice(1).join(' · ')} against ${names[0]}` : (names[0] ?? ''),
  of: (name: string) => `Trial: ${name}`,
  steps: {
    label: 'The way of a trial',
    plan: 'Plan',
    pots: 'Pots and labels',
    fill: 'Fill and plant',
    run: 'Look',
  },
  change: 'Change the plan',
  another: 'Plan another like it',
  putAway: 'Put it away',
  putAwayDone: (name: string) => `${name} is put away; its pots and what grows in them stay.`,
  addPots: (count: number) => `Add its ${count} pots`,
  addPotsWhy: (place: string) =>
    `They are added to your containers at ${place}, each with its code, so that labels can be printed before anything is filled.`,
  potsThere: 'Its pots are in your list, each with its code.',
  printLabels: 'Print their labels',
  plant: {
    head: 'Fill and plant',
    headSow: 'Fill and sow',
    headFill: 'Fill the trays',
    headJars: 'Set up the jars',
    note: 'Done at the bench first, then said here once: the mixes are filled into the pots by your ledger, and what grows in them is written down at each pot.',
    noteJars:
      'The jars become a jar test of the bench, with their doses typed in already: readings are entered there.',
    on: 'Day',
    go: 'It is planted',
    goSow: 'It is sown',
    goFill: 'They are filled',
    goJars: 'The jars stand',
    despite: 'Why all the same',
    despiteHint: 'It stays written at the pots.',
    done: (name: string) => `${name} runs now.`,
  },
  running: (day: string) => `Since ${day}.`,
  toBench: 'To its jars at the bench',
  treatments: {
    head: 'What is held against what',
    control: 'control',
    litres: (litres: string, pots: number) =>
      `${litres} loose for ${pots === 1 ? 'its pot' : `its ${pots} pots`}`,
    measure: 'Measure out',
    standing: 'stands in its pots already',
    dose: (percent: string, added: string, base: string) =>
      percent === '100' ? `${added} alone` : `${percent} % ${added} in ${base}`,
    grams: (grams: string) => `${grams} g per litre`,
    lot: 'its lot',
    mixedUp: (name: string, differences: string) =>
      `${name} differs from the control in ${differences}: the result will not tell which of them did it.`,
  },
  mustOf: (value: string, after: string) =>
    `The run counts only if, in the control, ${value} ${after}.`,
  layout: {
    head: 'Where each pot stands',
    hint: 'Drag a pot onto another to exchange their places, or choose one and then the other. Their codes and what is in them go along.',
    hintBlocks: 'Within its block: each block holds every treatment once.',
    block: (number: number) => `Block ${number}`,
    picked: (code: string) =>
      `${code} is chosen: choose the pot it changes places with, or press Escape.`,
    swapped: (one: string, other: string) => `${one} and ${other} have changed places.`,
    anew: 'Draw all places anew',
    hide: 'Hide what is in them',
    show: 'Show what is in them',
    blind: 'Scored blind: whoever looks at the pots sees their codes only.',
    pot: (code: string, treatment: string) => `${code}, ${treatment}`,
    otherBlock: 'That pot stands in another block: change places within a block.',
  },
  protocol: 'Alike for all pots',
  ticked: (step: string, done: boolean) => (done ? `done: ${step}` : `not done: ${step}`),
  doneOn: (day: string) => `done on ${day}`,
  looks: {
    head: 'What is looked at, and when',
    days: (days: string) => `On day ${days} after planting`,
    none: 'No day was said.',
    day: (day: number) => `day ${day}`,
    measures: 'In each pot',
  },
  lessons: {
    head: 'Lessons learnt',
    hint: 'What you would do differently: it is shown when the next trial is planned.',
    label: 'Lessons',
    save: 'Keep it',
    kept: 'Kept: it is shown when the next trial is planned.',
  },
  questions: 'Begin with a question',
} as const
