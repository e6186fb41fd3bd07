import { useState } from 'react'
import type { SampleChoice, SampleChoices } from '../../messages/bench/benchViews'
import { addressOf } from '../../ui/request'
import { useAnswer } from '../../ui/useAnswer'

/** What can be tested, by what was typed; an answer that was overtaken by the next question is not shown. */
export function useSampleSearch(first: SampleChoices) {
  const [find, setFind] = useState('')
  const { answer, failed } = useAnswer(
    find.trim() === '' ? null : addressOf('GET /api/bench/samples', { query: { find } }),
  )
  return { find, setFind, choices: answer ?? first, failed }
}

/** Tells samples apart in a choice. */
export function keyOf({ kind, id }: Pick<SampleChoice, 'kind' | 'id'>): string {
  return `${kind}:${id}`
}

/** What fits, and what is chosen even where it does not: a test is never begun on something that is not shown. */
export function withChosen(
  listed: readonly SampleChoice[],
  chosen: SampleChoice | null,
): readonly SampleChoice[] {
  const isThere = chosen === null || listed.some((one) => keyOf(one) === keyOf(chosen))
  return isThere ? listed : [chosen, ...listed]
}
