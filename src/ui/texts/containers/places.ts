/** Words of the places pots stand at. */
export const places = {
  title: 'Places',
  link: 'Places',
  lead: 'Sun and wind of a place count for every pot there, unless the pot says otherwise.',
  columns: { place: 'Place', exposure: 'Sun and wind', pots: 'Pots', litres: 'They hold' },
  pots: (pots: number, growing: number) =>
    pots === 0 ? 'no pot yet' : `${pots}, of these ${growing === 0 ? 'none' : growing} with plants`,
  otherwise: (pots: number) => `${pots} ${pots === 1 ? 'pot' : 'pots'} otherwise`,
  correctOf: (place: string) => `Correct ${place}`,
  name: 'Name',
  exposure: 'Sun and wind',
  exposureHint: 'What its pots lose in a day follows from it.',
  keep: 'Keep it',
  kept: (place: string) => `${place} is kept. What its pots lose in a day is worked out anew.`,
  away: 'Remove it',
  awayDone: (place: string) => `${place} is removed.`,
  add: 'Add a place',
  addIt: 'Add it',
  added: (place: string) => `${place} is added.`,
  none: 'No place yet.',
  next: 'A place is made when the first pot is put there; you can also add it here.',
  back: 'All pots',
}
