import type { FindingView } from '../../../messages/trials/resultViews'

/** Words of what trials hand on to other rooms. */
export const trialFindings = {
  head: 'Hand it on',
  standard: 'The mix to use from now on',
  standardHint: 'It is named where that crop is planted, and on the mix itself.',
  crop: 'For',
  anyCrop: 'whatever I grow',
  makeStandard: 'Make it my standard',
  cap: (name: string) => `Never more ${name} than`,
  capHint: 'percent of a mix; recipes and mixes keep to it',
  makeCap: 'Keep to it',
  kept: 'Kept: it counts from now on.',
  takeBack: 'Take it back',
  takenBack: 'Taken back: it does not count any more.',
  since: (day: string) => `since ${day}`,
  said: ({ kind, medium, cropName }: FindingView, percent: string) =>
    kind === 'standard'
      ? `${medium} is the standard for ${cropName ?? 'whatever grows'}.`
      : `Never more than ${percent} % ${medium}${cropName ? ` for ${cropName}` : ''}.`,
  from: 'found in',
  standardFor: (crop: string | null, version: number) =>
    `Version ${version} is your standard for ${crop ?? 'whatever you grow'}`,
  /** Behind the name of a mix or a bag in a list. */
  standardOf: (crops: readonly (string | null)[]) =>
    `your standard for ${crops.map((crop) => crop ?? 'whatever you grow').join(', ')}`,
  tooMuch: (name: string, percent: string, most: string, crop: string | null) =>
    `${name} stands at ${percent} %, and never more than ${most} % is safe${crop ? ` for ${crop}` : ''}`,
} as const
