/** Words of a batch of a mix, and of the lot it becomes. */
export const mixBatch = {
  batch: 'Mix a batch',
  batchLitres: 'Mix wanted',
  batchOut: (parts: string) => `Measure out ${parts} in all.`,
  perCup: 'each cup',
  perBucket: 'each bucket',
  perBarrow: 'each barrow',
  inAll: 'in all',
  batchMaterial: 'Material',
  batchCost: (cost: string) => `It costs ${cost}.`,
  batchSaveFirst: 'Save the mix first; then a batch of it becomes a lot in one step.',
  lotName: 'Name of the lot',
  storeBin: 'Where it waits',
  makeLot: 'Write it down as a lot',
  card: 'Print the recipe card',
} as const
