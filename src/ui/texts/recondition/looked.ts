/** What was answered when pots were looked at. */
export const looked = {
  looked: (day: string, told: string) => `Looked at on ${day}: ${told}.`,
  roots: {
    fine: 'fine roots',
    dense: 'dense roots',
    bound: 'roots round the wall',
    woody: 'woody roots',
  },
  drop: (cm: string) => `sunk by ${cm}`,
  runsDown: 'water runs down the side',
  soaksIn: 'water soaks in',
  drains: 'it drains',
  stuck: 'it does not drain',
  smells: { earth: 'smells of earth', sour: 'smells sour' },
  life: { much: 'much life in it', little: 'little life in it' },
  mulch: (cm: string) => `${cm} of mulch on top`,
  years: (count: string) => (count === '1' ? 'one season in use' : `${count} seasons in use`),
} as const
