import type { LedgerKind } from '../../core/media'
import type { HandKind, InningsMark, LotState } from '../../messages/media/lots'

const ledgerKinds: Readonly<Record<LedgerKind, string>> = {
  filled: 'Filled',
  'topped-up': 'Topped up',
  amended: 'Mixed in',
  recounted: 'More found than booked',
  settled: 'Settled and rotted',
  lost: 'Lost',
  emptied: 'Emptied',
  split: 'Parted',
  merged: 'Merged',
  treated: 'Treated',
  tested: 'Tested',
  discarded: 'Thrown away',
  reversed: 'Reversed',
}

const handKinds: Readonly<Record<HandKind, string>> = {
  'topped-up': 'Topped up',
  settled: 'Settled',
  lost: 'Spilled or lost',
  recounted: 'More there than booked',
  emptied: 'Emptied',
}

const states: Readonly<Record<LotState, { mark: string; word: string }>> = {
  working: { mark: '◐', word: 'Turnover under way' },
  act: { mark: '◆', word: 'Act' },
  'turn-over': { mark: '▲', word: 'Turn over' },
  growing: { mark: '●', word: 'Growing' },
  store: { mark: '■', word: 'Store' },
  empty: { mark: '□', word: 'Empty' },
}

const outcomes = { well: 'did well', fair: 'was fair', poor: 'did poorly' } as const

export const media = {
  lots: 'Lots',
  lotNumber: (id: number) => `lot ${id}`,
  lotsSummary: (count: number, inPots: string, inStore: string, litreInnings: string) =>
    `${count} ${count === 1 ? 'lot' : 'lots'} · ${inPots} in pots, ${inStore} in the store · ${litreInnings} litre-innings so far`,
  newLot: 'New lot',
  columns: {
    sample: 'Core sample',
    lot: 'Lot',
    litres: 'Litres',
    innings: 'Innings',
    air: 'Air in its pot',
    ph: 'pH',
    now: 'Now',
  },
  ofRoom: (room: string) => `of ${room}`,
  coreLabel: (parts: string) => `Core sample: ${parts}`,
  potLabel: (air: string, surface: string, lowAir: string) =>
    `The pot cut open: filled to ${surface}, ${air} air after draining, less than 10 % air up to ${lowAir}`,
  inningsLabel: (count: number) => `${count} innings so far`,
  inningsWords: ({ number, cropName, season, outcome, open }: InningsMark) =>
    `Innings ${number}, ${season}: ${cropName ?? 'nothing planted'}${open ? ', growing now' : outcome ? ` ${outcomes[outcome]}` : ''}`,
  nextInnings: 'the next innings, still open',
  states,
  emptyTitle: 'No lots yet',
  emptyNext:
    'A lot is an identifiable amount of media: what stands in one trough, or a half-used bag. Start with the pot you know best.',
  emptyAction: 'Enter your first lot',
  finding: {
    orderOpen: (done: number, steps: number) => `${done} of ${steps} steps done`,
    airShort: (air: string, wanted: string, crop: string) =>
      `Holds ${air} air after draining; ${crop.toLowerCase()} wants ${wanted} or more`,
    phOff: (ph: string, low: string, high: string, crop: string) =>
      `pH ${ph} is outside the ${low}–${high} that ${crop.toLowerCase()} wants`,
    salty: (ec: string, ceiling: string, crop: string) =>
      `Salts ${ec} dS/m are above the ${ceiling} that ${crop.toLowerCase()} bears`,
    levelDown: (litres: string, room: string) => `The level is down: ${litres} where ${room} fit`,
    seasonOver: (crop: string) => `${crop} is over; ready for its next innings`,
    growing: (crop: string) => `${crop} is growing`,
    inStore: (bin: string) => `Waits in ${bin.charAt(0).toLowerCase()}${bin.slice(1)}`,
    unplanted: 'Filled; nothing planted yet',
    empty: 'Nothing left in it',
  },
  remedy: (litres: string, name: string, air: string) =>
    `${litres} of ${name.toLowerCase()} in its next mix would bring it to ${air}.`,
  actions: {
    turnOver: 'Turn it over',
    continueOrder: 'Go on with the work order',
    useIt: 'Work out a recipe',
  },
  page: {
    section: 'Cut open, after draining',
    sectionOf: (count: number) => `Cut open, after draining (one of ${count})`,
    below: (height: string) => `Below ${height} the mix holds less than 10 % air.`,
    composition: 'What it is made of',
    split: 'Air, water, solids',
    air: 'Air after draining (air-filled porosity)',
    airBand: (low: string, high: string, crop: string) => `${crop.toLowerCase()}: ${low}–${high}`,
    ph: 'pH',
    ec: 'Salts (saturated extract)',
    ecCeiling: (ceiling: string, crop: string) => `${crop.toLowerCase()}: up to ${ceiling}`,
    weight: 'Weight when wet',
    perLitre: 'kg a litre',
    ledger: 'Ledger',
    ledgerNote:
      'Litres always balance: what came in is what is there and what left. A mistake is put right by an opposite entry.',
    on: 'Day',
    what: 'What happened',
    change: 'Litres',
    balance: 'Then in it',
    reverse: 'Reverse',
    reverseOf: (what: string, day: string) => `Reverse "${what}" of ${day}`,
    wasReversed: 'reversed',
    fromOrder: (id: number) => `turnover ${id}`,
    otherLot: (id: number) => `lot ${id}`,
    empty: 'This lot is empty. Top it up, or leave it in the ledger as it is.',
    addEntry: 'Add an entry',
    kind: 'What happened',
    litres: 'How much',
    litresHint: 'such as 3 L, 2 1/2 cups or 1 bucket',
    material: 'Of what',
    chooseMaterial: 'Choose a material',
    note: 'Note (may stay empty)',
    saveEntry: 'Write it in the ledger',
    emptiedHint: 'Everything that is in it leaves the ledger.',
  },
  ledgerKinds,
  handKinds,
  create: {
    title: 'New lot',
    lead: 'What stands in one pot, one row of pots, or a half-used bag.',
    name: 'What do you call it?',
    nameHint: 'by its place, as you would say it: "long trough by the door"',
    place: 'Where does it stand?',
    origin: 'Where does the mix come from?',
    origins: { bag: 'A bag', 'own recipe': 'Own recipe', unknown: 'Unknown' },
    inWhat: 'In what?',
    shapes: {
      round: 'Round pots or bags',
      rectangular: 'Troughs or boxes',
      bowl: 'A basket or bowl',
      none: 'In a store bin',
    },
    count: 'How many alike',
    topDiameter: 'Diameter at the top',
    baseDiameter: 'Diameter at the base',
    topLength: 'Length at the top',
    topWidth: 'Width at the top',
    baseLength: 'Length at the base',
    baseWidth: 'Width at the base',
    rimDiameter: 'Diameter at the rim',
    height: 'Height inside',
    headspace: 'Gap to the rim',
    lengthHint: 'such as 34 cm or 14 in',
    contents: 'What is in it?',
    material: (row: number) => `Material ${row}`,
    litres: 'Litres',
    addMaterial: 'Add a material',
    removeMaterial: (row: number) => `Take material ${row} out`,
    holds: (one: string, all: string, count: number) =>
      count > 1 ? `Each holds ${one}, together ${all}.` : `It holds ${one}.`,
    save: 'Save the lot',
    throwAway: 'Throw this draft away',
  },
} as const
