import { common } from '../common'

/** The list of mixes, and ways to begin one. */
export const mixList = {
  title: 'Mixes',
  corrected: (day: string, rows: number) =>
    `Typical values of ${rows === 1 ? 'one row' : `${rows} rows`} of your lists (materials, products, crops, problems) were corrected on ${day}; predictions go by them since.`,
  leftAsTheyWere: (names: string) => `Left as you changed them: ${names}.`,
  lead: 'What a mix does depends on its pot: see it before you fill it.',
  newMix: common.actions.newMix,
  empty: 'No mix is written down yet',
  emptyNext: 'Begin with a plant group below: its mix is measured out for you, and you change it.',
  columns: {
    sample: 'Core sample',
    mix: 'Mix',
    pot: 'In',
    air: 'Air after draining',
    band: 'against what is wanted, 0 to 60 %',
    days: 'Between waterings',
  },
  mixCount: (count: number) => (count === 1 ? '1 mix' : `${count} mixes`),
  ownPot: 'a pot of its own',
  version: (number: number) => `version ${number}`,
  begin: 'Begin with a plant group',
  beginNote:
    'A group is a set of targets, not a recipe. If you have never grown the plant, take the first one with one change, and try it beside another.',
  findMixes: 'Find mixes',
  findHint: 'Name of a mix',
  moreLots: (count: number) => `and ${count} more lots`,
  beginElse: 'Or begin with',
  bag: 'a bag',
  lot: 'a lot you have',
  compare: 'Compare mixes',
  candidates: common.actions.candidates,
  bottom: common.actions.bottomLayer,
  forEver: 'loses nothing',
  daysUnit: 'days',
} as const
