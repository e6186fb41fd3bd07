import { type MediaRange, mediaRange } from '../ranges'
import { type MixInPlace, mixInPlace } from './mixInPlace'

/** What a mix does in its place, and how sure that is. */
export interface MixAnswer extends MixInPlace {
  readonly likely: Pick<MediaRange, 'airFraction' | 'usableFraction' | 'ph' | 'ecSme'>
}

/** Enough for a band on a screen that follows a slider. */
const DRAWS = 200

/** A mix in its place with the range each of its numbers is likely to be in; see mixInPlace and mediaRange. */
export function mixWithRange(question: Parameters<typeof mixInPlace>[0]): MixAnswer {
  const { components, container } = question
  const answer = mixInPlace(question)
  const { airFraction, usableFraction, ph, ecSme } = mediaRange({
    components,
    container,
    refillSuctionCm: answer.plants.refillSuctionCm,
    draws: DRAWS,
  })
  return { ...answer, likely: { airFraction, usableFraction, ph, ecSme } }
}
