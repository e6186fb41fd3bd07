import type { TroubleView } from '../../../messages/recondition/turnover'

/** A pot that was seen too wet or too dry again, and what its next recipe makes of it. */
export const loggedTrouble = {
  intake: ({ kind, code, times, everyDays }: TroubleView) =>
    kind === 'wet'
      ? `${code} stayed wet ${times} times: the recipe aims at more air than its crop alone would ask for.`
      : `${code} dried out too fast ${times} times${everyDays === null ? '' : `: so the recipe is asked to last ${everyDays} ${everyDays === 1 ? 'day' : 'days'}; say below where you water otherwise`}.`,
  recipe: ({ kind, code, times }: TroubleView, low: string) =>
    kind === 'wet'
      ? `${code} stayed wet ${times} times since this mix was made, so the low end of air is ${low} here, some points above what the crop asks for.`
      : `${code} dried out too fast ${times} times since this mix was made: more that holds water, a larger pot, or watering more often.`,
} as const
