import { useRef, useState } from 'react'
import { outbox as words } from '../texts/outbox'
import { showToast } from '../toast'
import { useRefusal } from '../useRefusal'
import type { Entry, NewEntry, Outcome } from './entry'
import { useOutbox } from './useOutbox'

/** A double click's second half comes within this time of the answer to the first. */
const SAME_CLICK_MS = 1000

export interface Entering extends Omit<ReturnType<typeof useRefusal>, 'tell'> {
  readonly isSending: boolean
  /**
   * Enters something from a form: a refusal comes back to its fields; without a connection it is kept, and that is said.
   * @returns what became of it; null for a second click
   */
  readonly enter: <Data>(what: Omit<NewEntry<Data>, 'about'>) => Promise<Outcome<Data> | null>
}

/**
 * What a form does whose entry survives a dead spot.
 * @param onLate hears of an entry that had waited and has arrived now
 */
export function useEntry<Late = unknown>(
  about: string,
  onLate?: (data: Late, entry: Entry) => void,
): Entering {
  const { tell, ...refusal } = useRefusal()
  const [isSending, setSending] = useState(false)
  const isAwaited = useRef(false)
  const last = useRef({ title: '', at: 0 })
  const { add } = useOutbox<unknown, Late>(about, {
    onAnswer: (data, entry) => {
      if (!isAwaited.current) onLate?.(data, entry)
    },
  })
  return {
    ...refusal,
    isSending,
    async enter<Data>(what: Omit<NewEntry<Data>, 'about'>) {
      const { title, at } = last.current
      if (isSending || (title === what.title && Date.now() - at < SAME_CLICK_MS)) return null
      setSending(true)
      isAwaited.current = true
      const outcome = await add<Data>(what, true)
      setSending(false)
      last.current = { title: outcome.kind === 'refused' ? '' : what.title, at: Date.now() }
      isAwaited.current = false
      tell(outcome.kind === 'refused' ? outcome.problem : null)
      if (outcome.kind === 'waiting') showToast({ text: words.keptHere(what.title) })
      return outcome
    },
  }
}
