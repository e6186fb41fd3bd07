import type { IntakeAnswers } from '../../../messages/recondition/answers'

/** The answers as an address: a recipe can be reloaded, bookmarked and gone back to. */
export function recipeAddress(answers: IntakeAnswers): string {
  return `/turnover/recipe?${new URLSearchParams(asQuery(answers))}`
}

export function waysAddress(answers: IntakeAnswers): string {
  return `/turnover/ways?${new URLSearchParams(asQuery(answers))}`
}

export function intakeAddress(answers: IntakeAnswers): string {
  return `/turnover/new?${new URLSearchParams(asQuery(answers))}`
}

function asQuery(answers: IntakeAnswers): Record<string, string> {
  const { lot, drop, roots, side, crop, pots, litres, share, feed, every } = answers
  const { way = 'full', place } = answers
  return {
    lot: String(lot),
    drop: String(Math.round(drop * 100) / 100),
    roots,
    side,
    crop,
    pots: pots.join(','),
    ...(litres === null ? {} : { litres: String(Math.round(litres * 100) / 100) }),
    share: String(share),
    feed,
    ...(every === null ? {} : { every: String(every) }),
    ...(way === 'full' ? {} : { way }),
    ...(place ? { place } : {}),
  }
}
