import { useEffect, useState } from 'react'
import { DomainError } from '../core/errors'
import type { core } from './askCore'
import type { Answer, JobName, Question } from './jobs'
import { NotFetched, TakenBack } from './unanswered'

export interface CoreState<Name extends JobName> {
  /** The last answer, also while a newer one is worked out. */
  readonly answer: Answer<Name> | null
  /** What the core refused, in a sentence. */
  readonly refusal: string | null
  /** How far a job is that takes longer than a moment; null otherwise. */
  readonly progress: number | null
  readonly working: boolean
  readonly stop: () => void
}

type Core = typeof core

/** Work that takes longer than this is shown, s. */
const SHOWN_AFTER_MS = 300

let fetched: Promise<Core> | null = null

/**
 * The way to the core's thread comes once the page stands: its first answers came with it. It is asked for once: of two
 * imports the later may be there first, and questions would overtake each other.
 */
function fetchCore(): Promise<Core> {
  fetched ??= import('./askCore').then(
    ({ core }) => core,
    (error) => {
      fetched = null
      throw error
    },
  )
  return fetched
}

/**
 * The core's answer to a question, worked out beside the page; the newest question of a topic wins.
 * @param question kept the same (by memo) while nothing is to be asked anew; null asks nothing
 * @param first the answer that came with the page
 */
export function useCore<Name extends JobName>(
  topic: string,
  name: Name,
  question: Question<Name> | null,
  first: Answer<Name> | null = null,
): CoreState<Name> {
  const [answer, setAnswer] = useState<Answer<Name> | null>(first)
  const [refusal, setRefusal] = useState<string | null>(null)
  const [working, setWorking] = useState(false)
  const [progress, setProgress] = useState<number | null>(null)

  useEffect(() => {
    if (question === null) return
    // A question that was overtaken can neither show an answer nor switch anything off.
    let isPresent = true
    let share = 0
    const shown = setTimeout(() => setProgress(share), SHOWN_AFTER_MS)
    const watch = setInterval(() => setProgress((at) => (at === null ? at : share)), 100)
    const end = () => {
      clearTimeout(shown)
      clearInterval(watch)
      setProgress(null)
      setWorking(false)
    }
    setWorking(true)
    fetchCore()
      .then(
        (core) => {
          // Overtaken before the core came: not even asked.
          if (!isPresent) throw new TakenBack()
          return core.ask(topic, name, question, (at) => {
            share = at
          })
        },
        () => {
          throw new NotFetched()
        },
      )
      .then(
        (found) => {
          if (!isPresent) return
          setAnswer(found)
          setRefusal(null)
          end()
        },
        (error) => {
          if (!isPresent) return
          end()
          if (error instanceof TakenBack) return
          if (!(error instanceof DomainError || error instanceof NotFetched)) throw error
          setRefusal(error.message)
        },
      )
    return () => {
      isPresent = false
      end()
      takeBack(topic)
    }
  }, [topic, name, question])

  return { answer, refusal, progress, working, stop: () => takeBack(topic) }
}

function takeBack(topic: string): void {
  // Where it never came there is nothing to take back.
  fetchCore().then(
    (core) => core.takeBack(topic),
    () => undefined,
  )
}
