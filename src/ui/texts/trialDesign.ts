import type { DesignRemark } from '../../core/trials'
import { trialWords } from './trialWords'

/** What a design can find, in sentences that promise no more than it holds. */
export const trialDesign = {
  head: 'What this trial can find',
  nothingYet: 'Say what is held against what, and how many pots each gets.',
  means: (percent: string, pots: number, cv: string) =>
    `With ${pots} pots of each, and plants that vary by ${cv} % among themselves, it shows a difference of ${percent} or more, four times in five.`,
  potsFor20: (pots: number) => `For a difference of 20 % it takes ${pots} pots of each.`,
  neverFor20: 'A difference of 20 % is out of reach: the plants vary too much.',
  table: 'What more pots would buy',
  pots: 'Pots of each',
  difference: 'Difference it shows',
  now: 'planned',
  counts: (percent: string, expected: string) =>
    `If ${expected} come up in the control, a treatment is shown to be worse once no more than ${percent} come up, four times in five.`,
  noCounts:
    'So few seeds can show nothing, whatever comes up: sow more in each pot, or take more pots.',
  seedsOfATray:
    'Seeds of one pot share its luck: with several pots of each, the pots are compared, not the seeds.',
  signs: (crops: number, p: string) =>
    `If one mix is ahead with all ${crops} crops, that happens by chance in ${p} of trials.`,
  signsTooFew: (needed: number) =>
    `That is not enough to tell: with ${needed} crops it can be. Until then it is a look, not a test.`,
  signsEnough:
    'That is enough to tell, if it comes to that: crops where both do the same count for nothing.',
  nothing:
    'One pot of each can show nothing: a bad seed, a snail or a gust decides. Take several pots, or ask it of several crops.',
  jar: 'A jar test gives a curve, not a comparison: the dose for your pH is read from it, with how well the jars agree.',
  tooSmall:
    'Even the clearest result of so few pots could be chance: it cannot tell. Take more pots.',
  onlyLarge: 'Only a very large difference would show: anything smaller goes unseen, not unproven.',
  why: 'How this is worked out',
  whyMeans:
    'By the noncentral t distribution: power 80 %, and 5 % for being wrong, shared out among the treatments. It assumes that all treatments vary alike.',
  whyCounts:
    'By Fisher’s exact test over every pair of counts that can come, each with its chance: power 80 %, 5 % shared out among the treatments.',
  whySigns: 'By the sign test: two-sided, 5 % shared out among the mixes.',
  whyCv: (cv: string) =>
    `The variation of ${cv} % is what you typed: 20 % is usual for pots of one batch of plants, 30 to 40 % for seedlings that came up unevenly.`,
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
