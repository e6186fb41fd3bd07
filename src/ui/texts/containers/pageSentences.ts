import { inWords } from '../inWords'

type Count = (value: number) => string

/** Sentences that pages of pots open with. */
export const pageSentences = {
  pots: {
    tired: (lots: number, count: Count) =>
      lots === 1 ? 'one mix is tired' : `${inWords(lots, count)} mixes are tired`,
    empty: (pots: number, count: Count) =>
      pots === 1 ? 'one pot is empty' : `${inWords(pots, count)} pots are empty`,
    planted: (pots: number, count: Count) =>
      pots === 1 ? 'one pot with plants' : `${inWords(pots, count)} pots with plants`,
    filled: (pots: number, count: Count) =>
      pots === 1 ? 'one filled and not planted' : `${inWords(pots, count)} filled and not planted`,
    waiting: (pots: number, count: Count) =>
      pots === 1
        ? 'one pot is filled and not planted'
        : `${inWords(pots, count)} pots are filled and not planted`,
    allEmpty: (pots: number, count: Count) =>
      pots === 1 ? 'the one pot is empty' : `all ${inWords(pots, count)} pots are empty`,
    allPlanted: (pots: number, count: Count) =>
      pots === 1
        ? 'something grows in the one pot'
        : `something grows in all ${inWords(pots, count)} pots`,
  },
}
