import { useEffect } from 'react'
import { fetchedPart } from './fetchedPart'
import type { WhyAnswerProps } from './WhyAnswer'

const answer = fetchedPart<WhyAnswerProps>(() =>
  import('./WhyAnswer').then(({ WhyAnswer }) => WhyAnswer),
)

/** Fetches the words of all reasons once the page stands, so that they can be read without the server too. */
export function useWhyAnswers(): void {
  useEffect(answer.prefetch, [])
}

/** The arithmetic of the number that was asked. */
export const WhyText = answer.Part
