import type { InningsMark } from '../../messages/media/lotViews'

const outcomes = { well: 'did well', fair: 'was fair', poor: 'did poorly' } as const

/** Words of the pictures that every area shows. */
export const pictures = {
  coreLabel: (parts: string) => `Core sample: ${parts}`,
  potLabel: (air: string, surface: string, lowAir: string) =>
    `The pot cut open: filled to ${surface}, ${air} air after draining, less than 10 % air up to ${lowAir}`,
  inningsBefore: (count: number) => (count === 1 ? 'one season before' : `${count} seasons before`),
  inningsLabel: (count: number) => `${count} innings so far`,
  inningsWords: ({ number, cropName, season, outcome, open }: InningsMark) =>
    `Innings ${number}, ${season}: ${cropName ?? 'nothing planted'}${open ? ', growing now' : outcome ? ` ${outcomes[outcome]}` : ''}`,
  nextInnings: 'the next innings, still open',
} as const
