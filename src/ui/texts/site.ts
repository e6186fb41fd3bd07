export const site = {
  noCopy: (day: string) =>
    `No copy of the garden could be taken on ${day}: its log says why. It is tried again every ten minutes.`,
  noRoomForCopy: (day: string, free: string, needed: string) =>
    `No copy of the garden could be taken on ${day}: ${free} are free on its disk, and a copy needs ${needed}. Make room there; it is tried again every ten minutes.`,
  copyNotBrought: (day: string) =>
    `The copy of ${day} was taken, and could not be brought to the second folder (INNINGS_COPIES_TO): the log says why. It is tried again every ten minutes.`,
  lostRows: (copy: string) =>
    `Part of this garden is gone, perhaps with its disk: it holds fewer rows than its copy of ${copy}. Of`,
  rowsOf: (table: string, now: number, before: number) =>
    `${table.replaceAll('_', ' ')} ${now} of ${before}`,
  putBack:
    'Enter nothing new. Stop Innings and put that copy back; what is here now is kept beside it:',
  mended: (count: number) =>
    count === 1
      ? 'The ledger of a lot was put right by an update: when its turnover was finished and taken back twice, litres were booked that never came.'
      : `The ledgers of ${count} lots were put right by an update: when their turnovers were finished and taken back twice, litres were booked that never came.`,
  takenOut: (litres: string) => `${litres} taken out again`,
  putIn: (litres: string) => `${litres} put back`,
  countAgain: (litres: string) =>
    `${litres} too many; it was counted since, so its litres stand, and its materials are worth a look`,
  countAgainLess: (litres: string) =>
    `${litres} too few; it was counted since, so its litres stand, and its materials are worth a look`,
  mendsSeen: 'I have seen it',
  title: 'Where your pots stand',
  says: (zone: string, southern: boolean) =>
    `Days and times are those of ${zone}, and the growing year is the ${southern ? 'southern' : 'northern'} one.`,
  guessed: 'Taken from this computer: change it if your pots stand elsewhere.',
  zone: 'Time zone',
  year: 'Growing year',
  northern: 'Northern',
  northernNote: 'summer in July',
  southern: 'Southern',
  southernNote: 'summer in January',
  saving: (zone: string) => `${zone.replaceAll('_', ' ')} is kept in a moment`,
  useBrowsers: (zone: string) => `Use ${zone}, as in this browser`,
  kept: (zone: string, southern: boolean) =>
    `Kept: ${zone}, ${southern ? 'southern' : 'northern'} growing year.`,
} as const
