import type { TrialCheck } from '../../../core/trials'
import type { TrialState } from '../../../messages/trials/trialViews'
import { common } from '../common'

/** Words of the list of trials and of one trial. */
export const trials = {
  title: 'Trials',
  lead: 'Does this mix really grow better? A control, enough pots, and an answer that says no more than it knows.',
  earlierRule: 'by an earlier rule',
  plan: 'Plan a trial',
  howMany: 'How many pots do I need?',
  candidates: common.actions.candidates,
  columns: {
    trial: 'Trial',
    question: 'Asked',
    says: 'What it says',
    next: 'Next',
  },
  trialCount: (count: number) => (count === 1 ? '1 trial' : `${count} trials`),
  find: 'Find trials',
  findHint: 'by a word of their name or question',
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
  wasPlantedOn: (day: string) => `planted on ${day}`,
  nextCheck: (day: string) => `next look on ${day}`,
  late: 'a look is late',
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
    note: 'Done at the bench first, then said here once: the mixes are filled into the pots by your ledger, and what grows in them is written down at each pot.',
    on: 'Day',
    go: 'It is planted',
    goSow: 'It is sown',
    goFill: 'They are filled',
    despite: 'Why all the same',
    despiteHint: 'It stays written at the pots.',
    done: (name: string) => `${name} runs now.`,
  },
  running: (day: string) => `Since ${day}.`,
  nextLook: (day: string) =>
    `The next look is on ${day}; what happens before that is written down the same way.`,
  lateLook: (day: number, on: string) => `The look of day ${day} was due on ${on}.`,
  dueLook: (day: number) => `The look of day ${day} is due today.`,
  allLooked: 'All its looks are done: close it, and it tells what it found.',
  noLooks: 'No day of a look is left.',
  lookNow: 'Look at its pots',
  controlFails: (value: string, must: string) =>
    `The control stands at ${value}, and ${must} are asked of it: unless that changes, this run will be void.`,
  close: 'Close it and read the result',
  closeLater: 'The trial can be closed once everything has arrived.',
  closeWhy: 'What is in each pot is told then, and what was read is not changed any more.',
  open: 'Open it again',
  closed: (day: string) => `Closed on ${day}.`,
  isClosed: 'It is closed: here is what it found.',
  isOpen: 'It goes on: its pots can be looked at again.',
  toResult: 'What it found',
  soFar: 'How its pots stand',
  voidTitle: (value: string, must: string) =>
    `This run is void: the control came to ${value}, and ${must} were asked of it.`,
  rerun: 'Plan it again',
  treatments: {
    head: 'What is held against what',
    control: 'control',
    litres: (litres: string, pots: number, sinks: string) =>
      `${litres} loose for ${pots === 1 ? 'its pot' : `its ${pots} pots`}, of which ${sinks} sinks`,
    measure: 'Measure out',
    standing: 'stands in its pots already',
    dose: (percent: string, added: string, base: string) =>
      percent === '100' ? `${added} alone` : `${percent} % ${added} in ${base}`,
    lot: 'its lot',
    mixedUp: (name: string, differences: string) =>
      `${name} differs from the control in ${differences}: the result will not tell which of them did it.`,
    seedlings: {
      counts:
        'What counts as a seedling test: three pots and twelve seeds at each dose and without it, three weeks, and a plant that shows weedkiller. Less can tell harm, and never rule it out.',
      lacks: (missing: string) => `This plan cannot rule harm out: missing ${missing}.`,
      enough: 'This plan can rule it out.',
    },
    remark: {
      salts: (name: string, crop: string, value: string, limit: string) =>
        `${name}: salts of about ${value} are above the ${limit} that ${crop.toLowerCase()} bears. What it burns tells nothing of the rest: wash it out, or thin it.`,
      'air-low': (name: string, crop: string, value: string, limit: string) =>
        `${name}: about ${value} air in these pots, and ${crop.toLowerCase()} wants ${limit} or more. Take taller pots, or open it up.`,
      'air-high': (name: string, crop: string, value: string, limit: string) =>
        `${name}: about ${value} air in these pots, and ${crop.toLowerCase()} wants ${limit} at most. It will dry out first: water it more often than the others, or the trial is of your can.`,
      litres: (name: string, of: string, value: string, limit: string) =>
        `${name}: ${value} of ${of} are needed, and ${limit} are there. Take fewer or smaller pots.`,
    },
    decides: (measure: string, day: string) =>
      `What decides, and nothing else: ${measure.toLowerCase()}${day}.`,
    decidesOn: (day: number) => ` on day ${day}`,
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
    blindUntilClosed: 'Scored blind: what is in them is told once the trial is closed.',
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
    dayOf: (day: number) => `Day ${day}`,
    measures: 'In each pot',
    states: {
      done: 'done',
      missed: 'missed',
      late: 'late',
      due: 'due today',
      'to-come': 'to come',
    } satisfies Record<TrialCheck['state'], string>,
    looked: (done: number, of: number) => `${done} of ${of} pots`,
    doneOn: (day: string) => `on ${day}`,
    readAgain: 'what was read',
    go: 'Look at the pots',
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
