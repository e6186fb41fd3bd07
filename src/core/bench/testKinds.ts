/** Every test of the bench, in the order in which they are usually done. */
export const TEST_KINDS = [
  'drain',
  'layers',
  'porosity',
  'squeeze',
  'palm',
  'wetting',
  'settling',
  'phEc',
  'jar',
  'seedling',
  'weeds',
  'heat',
  'sieve',
  'look',
] as const

export type TestKind = (typeof TEST_KINDS)[number]

/** What a test may be made on. */
export type SampleKind = 'lot' | 'mix' | 'material'
