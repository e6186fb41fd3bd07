/** Words of taking a trial from a package. */
export const trialPackages = {
  head: 'From a package',
  label: 'A finished trial that was kept as a data package:',
  taken: 'It is here, with everything that was read in it.',
} as const
