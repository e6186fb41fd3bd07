import type { DesignRemark } from '../../../core/trials'
import { trialWords } from './trialWords'

/** What a design can find, in sentences that promise no more than it holds. */
export const trialDesign = {
  head: 'What this trial can find',
  nothingYet: 'Say what is held against what, and how many pots each gets.',
  about: (percent: string) => `About ${percent} or more shows, four times in five.`,
  growing: (percent: string) => `Growing it on paper, a thousand times: ${percent}.`,
  stop: 'Stop',
  least: (percent: string, isShare: boolean) =>
    isShare
      ? `It finds a fall by ${percent} of what comes up in the control, or more, four times in five.`
      : `It finds a difference of ${percent} or more, four times in five.`,
  leastNone: 'Even the largest difference is found less than four times in five.',
  found: (percent: string, hundred: string, isShare: boolean) =>
    `${isShare ? 'A fall by' : 'A difference of'} ${percent} is found in ${hundred} of 100 such trials.`,
  wolf: (hundred: string) => `Where nothing differs, it cries wolf in ${hundred} of 100.`,
  finds: (percent: string) => `Finds ${percent}`,
  ofHundred: (hundred: string) => `${hundred} of 100`,
  none: 'none',
  table: {
    pots: 'What more pots would buy',
    blocks: 'What more blocks would buy',
    trays: 'What more trays would buy',
    crops: 'What more crops would buy',
  },
  units: { pots: 'Pots of each', blocks: 'Blocks', trays: 'Trays of each', crops: 'Crops' },
  difference: 'Four in five',
  now: 'planned',
  noCounts: 'So few seeds can show nothing, whatever comes up: take more pots.',
  fewTrays:
    'Seeds of one tray share its luck. With fewer than three trays of each they are described, and nothing can be told: take three or more.',
  fewBlocks:
    'Two of each in so few blocks can show nothing: fewer than six blocks never fall below one chance in twenty. Take six or more.',
  signs: (crops: number, p: string) =>
    `If one mix is ahead with all ${crops} crops, that happens by chance in ${p} of trials.`,
  signsTooFew: (needed: number) =>
    `That is not enough to tell: with ${needed} crops it can be. Until then it is a look, not a test.`,
  nothing:
    'One pot of each can show nothing: a bad seed, a snail or a gust decides. Take several pots, or ask it of several crops.',
  tooSmall:
    'Even the clearest result of so few pots could be chance: it cannot tell. Take more pots.',
  onlyLarge: 'Only a very large difference would show: anything smaller goes unseen, not unproven.',
  why: 'How this is worked out',
  whyPower: (runs: string) =>
    `The plan is grown ${runs} times on paper, with plants, blocks and trays that vary, one treatment apart from the control, and each is judged by the analysis that will decide. The draw is fixed: asked again, it says the same.`,
  whySpreads: ({
    cv,
    block,
    tray,
  }: {
    readonly cv: string
    readonly block: string | null
    readonly tray: string | null
  }) =>
    `Taken to vary, in percent of the control’s mean: ${[
      `${cv} from plant to plant`,
      block && `${block} from block to block`,
      tray && `${tray} from tray to tray`,
    ]
      .filter(Boolean)
      .join(
        ', ',
      )}. What your own closed trials varied by is used as soon as there are any; else what is usual.`,
  remarksHead: 'Before you plant',
  remark: (one: DesignRemark): string => {
    switch (one.id) {
      case 'two-changes':
        return `${one.treatment} differs from the control in ${one.differences.map((each) => trialWords.differences[each]).join(' and ')}: whichever way it goes, you will not know which of them did it.`
      case 'no-change':
        return `${one.treatment} is the same as the control.`
      case 'twice':
        return `${one.treatment} is the same as another treatment.`
      case 'one-pot':
        return 'One pot of each is no test: nothing can be told apart from chance.'
      case 'not-in-blocks':
        return 'Without blocks, light and wind of the place count into the difference: blocks take them out at no cost.'
      case 'few-doses':
        return 'With fewer than three doses the step from harmless to harmful stays wide.'
      case 'no-full-dose':
        return 'Without 100 % of it you will not see it at its worst: add that dose.'
      case 'no-check':
        return 'Say on which days it is looked at.'
    }
  },
  lessons: 'Learnt in earlier trials',
} as const
