import type { LabelSize } from '../../../messages/labels'

const sizes: Readonly<Record<LabelSize['id'], string>> = {
  'sheet-21': 'A4 sheet, 21 of 63.5 × 38.1 mm',
  'sheet-10': 'A4 sheet, 10 of 99 × 57 mm',
  stakes: 'A4 to cut, 14 stakes of 26 × 138 mm',
  'roll-62': 'Roll, 62 × 29 mm',
  'roll-50': 'Roll, 50 × 25 mm',
}

/** Labels for pots and lots. */
export const labels = {
  title: 'Labels',
  size: 'Size',
  sizes,
  place: 'Pots at',
  everywhere: 'Everywhere',
  skip: 'Labels already used',
  skipHint: 'of the first sheet',
  at: 'Address your phone uses',
  atHint: (origin: string) => `left empty: ${origin}`,
  show: 'Show',
  print: 'Print',
  lead: (count: number) => (count === 1 ? 'One label.' : `${count} labels.`),
  more: (count: number) => `${count} more do not fit into one go: choose a place.`,
  none: 'There is nothing to label yet',
  noneNext: 'Labels are printed of pots and lots: begin with a lot and its pots.',
  onlyHere: (origin: string) =>
    `The codes lead to ${origin}, which only this machine opens. Write the address under which your phone opens Innings, or scan from this machine only.`,
  printHint: 'In the print dialog choose 100 % (actual size) and no margins.',
  innings: (count: number) => (count === 0 ? 'never planted' : `innings ${count}`),
  empty: 'empty',
  ofPots: (count: number) => (count === 1 ? 'Print its label' : `Print ${count} labels`),
  ofLot: 'Print its label',
  ofAll: 'Print labels',
} as const
