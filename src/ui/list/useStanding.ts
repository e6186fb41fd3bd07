import { useEffect, useState } from 'react'
import { type AnswerTo, addressOf } from '../request'
import type { Chosen } from './chosen'

/** Operations that tell which of some rows still stand in their list. */
type StandingName = 'GET /api/containers/standing' | 'GET /api/recondition/waiting'

/** What is known of a row on whichever page of the list it stands. */
export type StandingRow = AnswerTo<StandingName>['rows'][number]

/**
 * The rows that are chosen, also those on other pages of the list. What left the list meanwhile, here or on another
 * device, is not chosen any more: nothing would be done with it, and it would be counted.
 * @param here rows of this page
 * @return null until those on other pages are known
 */
export function useStanding(
  name: StandingName,
  chosen: Pick<Chosen, 'ids' | 'chooseAll'>,
  here: readonly StandingRow[],
): readonly StandingRow[] | null {
  const [known, setKnown] = useState<readonly StandingRow[]>([])
  const rows = new Map([...known, ...here].map((row) => [row.id, row]))
  const unknown = chosen.ids.filter((id) => !rows.has(id)).join(',')
  const { chooseAll } = chosen
  useEffect(() => {
    if (unknown === '') return
    const stop = new AbortController()
    const read = async () => {
      const response = await fetch(addressOf(name, { query: { ids: unknown } }), {
        signal: stop.signal,
      })
      if (!response.ok) return
      const answer: AnswerTo<StandingName> = await response.json()
      const stand = new Set(answer.rows.map(({ id }) => id))
      setKnown((before) => [...before, ...answer.rows])
      const gone = unknown.split(',').map(Number)
      chooseAll(
        gone.filter((id) => !stand.has(id)),
        false,
      )
    }
    // Without the server nothing is known of them, so they stay as they were chosen.
    read().catch(() => {})
    return () => stop.abort()
  }, [unknown])
  return unknown === '' ? chosen.ids.flatMap((id) => rows.get(id) ?? []) : null
}
