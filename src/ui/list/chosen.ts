import { useRef, useState } from 'react'
import { useKept } from '../form/useKept'

export interface Chosen {
  readonly ids: readonly number[]
  readonly has: (id: number) => boolean
  readonly choose: (
    id: number,
    how: {
      readonly on: boolean
      /** Rows as they stand on the page. */
      readonly among: readonly number[]
      /** Also every row between this one and the one chosen before it. */
      readonly toLast: boolean
    },
  ) => void
  readonly chooseAll: (ids: readonly number[], on: boolean) => void
  readonly chooseNone: () => void
  /** On a phone, where boxes to tick take room only when they are wanted. */
  readonly isChoosing: boolean
  readonly beginChoosing: () => void
}

/**
 * Rows that were chosen in a list, over its pages, as long as this browser keeps them.
 * @param begin what is chosen where nobody has chosen yet
 */
export function useChosen(list: string, begin: readonly number[] = []): Chosen {
  const { values, change } = useKept(`chosen/${list}`, { ids: begin })
  const last = useRef<number | null>(null)
  const [begun, setBegun] = useState(false)
  // An answer that comes later leaves out rows from what is chosen then.
  const newest = useRef(values.ids)
  newest.current = values.ids
  const set = (some: readonly number[], on: boolean) => {
    const rest = newest.current.filter((id) => !some.includes(id))
    newest.current = on ? [...rest, ...some] : rest
    change({ ids: newest.current })
  }
  return {
    ids: values.ids,
    has: (id) => values.ids.includes(id),
    choose: (id, { on, among, toLast }) => {
      set(toLast ? rowsBetween(among, last.current, id) : [id], on)
      last.current = id
    },
    chooseAll: set,
    chooseNone: () => change({ ids: [] }),
    isChoosing: begun || values.ids.length > 0,
    beginChoosing: () => setBegun(true),
  }
}

/** Rows from one to the other, both counted, whichever stands first; the second alone where the first is not there. */
export function rowsBetween(
  among: readonly number[],
  from: number | null,
  to: number,
): readonly number[] {
  const [one, other] = [from === null ? -1 : among.indexOf(from), among.indexOf(to)]
  if (one === -1 || other === -1) return [to]
  return among.slice(Math.min(one, other), Math.max(one, other) + 1)
}
