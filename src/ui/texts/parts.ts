export const chart = {
  save: 'Save',
  svg: 'as SVG',
  png: 'as PNG',
  csv: 'data as CSV',
  numbers: 'The numbers',
  drawing: 'The chart is drawn once the page is ready.',
  failed: 'The drawing did not come through; the numbers are below.',
  again: 'Draw it again',
} as const

export const clock = {
  elapsed: 'elapsed',
  startedAt: (time: string) => `started ${time}`,
  key: (digit: number) => `key ${digit}`,
  corrected: 'corrected',
  moments: 'Moments',
} as const

export const shell = {
  find: 'Find',
  findTitle: 'Find a place, a lot, a pot or something to do',
  findHint: 'Type a name or a pot’s code',
  nothing: 'Nothing of that name.',
  turnOver: (lot: string) => `Turn over ${lot}`,
  continueOrder: (lot: string) => `Go on with the work order for ${lot}`,
  continueTest: (sample: string) => `Go on with the test of ${sample}`,
  emptyPot: 'empty',
  findFailed: 'The list could not be fetched. Close and try again.',
  kinds: {
    area: 'Areas',
    action: 'Do',
    lot: 'Lots',
    pot: 'Pots',
    place: 'Places',
    mix: 'Mixes',
    trial: 'Trials',
    material: 'Materials',
    look: 'Look',
  },
  themes: { light: 'Day', dark: 'Evening', outdoor: 'Outdoors' },
  theme: 'Look',
  themeAction: (name: string) => `Look: ${name}`,
  keys: 'Keys',
  keysTitle: 'What works here',
  keysLead: 'Single keys work while no field is being typed in.',
  keysSwitch: 'Single keys work',
  findKey: 'Key for Find',
  findKeyHint: 'one character; . unless you change it',
  rows: [
    ['F1', 'this list'],
    ['Tab, Shift + Tab', 'to the next thing that can be used, and back'],
    ['Enter, Space', 'press what has the focus'],
    ['Arrows', 'through what Find found, and through the rows of a list'],
    ['Shift and an arrow', 'tick the rows of a list on the way'],
    ['1, 2, 3 at a clock', 'its three large keys'],
    ['Escape', 'close what is open'],
  ],
} as const

export const player = {
  play: 'Play',
  pause: 'Hold',
  time: 'Time since the water was poured',
  after: (time: string) => `${time} after pouring`,
  ranOut: (out: string) => `${out} has run out`,
} as const
