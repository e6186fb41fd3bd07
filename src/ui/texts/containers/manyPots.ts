import type { PastedColumn } from '../../../messages/containers/pastedPots'

const columns: Readonly<Record<PastedColumn, string>> = {
  code: 'code',
  name: 'name',
  place: 'place',
  exposure: 'sun and wind',
  shape: 'shape',
  top: 'top',
  length: 'length',
  base: 'base',
  height: 'height',
  gap: 'gap to the rim',
  count: 'count',
  mix: 'mix',
  years: 'years in use',
}

/** Many pots at once: chosen in the list, or pasted from a spreadsheet. */
export const manyPots = {
  what: 'What about them?',
  chooseNone: 'Choose none',
  found: 'Say what you found in them',
  jobs: { plant: 'Plant', end: 'Season over', change: 'Place and name', away: 'Put away' },
  endTitle: 'How it grew, in all of them',
  endIt: 'Write the end down',
  ended: (pots: number) =>
    `The season of ${pots} ${pots === 1 ? 'planting' : 'plantings'} is over.`,
  endedToTurnover: 'Their mix waits for its next innings: see Turnover.',
  changeLead: 'What is left empty stays as it is in each.',
  place: 'Where they stand',
  name: 'What they are called',
  exposure: 'Sun and wind',
  stays: 'as it is',
  changeIt: 'Change them',
  changed: (pots: number) => `${pots} ${pots === 1 ? 'pot' : 'pots'} changed.`,
  awayLead: 'For pots that are gone. They have to be empty; what grew in them stays written down.',
  awayIt: 'Put them away',
  away: (pots: number) => `${pots} ${pots === 1 ? 'pot' : 'pots'} put away.`,
  paste: 'Paste a table',
  pasteTitle: 'Pots from a spreadsheet',
  pasteLead:
    'Copy the cells with their headings and paste them here. Needed: name, place, top and height; a trough has a length as well. Sizes in cm unless they say otherwise. A pot that is filled has a column mix, named as in the list of materials, and years in use.',
  table: 'The table',
  example: 'code\tname\tplace\ttop\tbase\theight\tcount\tmix\tyears',
  understood: 'As it was understood',
  look: 'Look at it',
  take: (pots: number) => (pots === 1 ? 'Make one pot' : `Make ${pots} pots`),
  made: (pots: number) => `${pots} ${pots === 1 ? 'pot' : 'pots'} made.`,
  passedOver: (names: string) => `Left out, since nothing here is called so: ${names}.`,
  right: (pots: number, litres: string) =>
    `${pots === 1 ? 'One pot' : `${pots} pots`}, together ${litres} when filled.`,
  wrong: (rows: number) =>
    `${rows === 1 ? 'One row is' : `${rows} rows are`} not right yet: put ${rows === 1 ? 'it' : 'them'} right in the table above. Nothing is made until all are.`,
  heads: { code: 'Code', name: 'Name', place: 'Place', shape: 'Shape', mix: 'Mix' },
  empty: 'empty',
  servedYears: (years: string) => `${years} years in use`,
  row: 'Row',
  nextCode: 'next number',
  each: 'Holds',
  times: (count: number) => `× ${count}`,
  assumed: {
    base: 'base taken as 0.8 of the top',
    length: 'as long as it is wide',
    gap: 'gap as usual for its size',
  },
  columns,
  inColumn: (column: PastedColumn, message: string) => `${columns[column]}: ${message}`,
} as const
