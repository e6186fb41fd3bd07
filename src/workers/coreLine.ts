import { DomainError } from '../core/errors'
import type { Answer, JobName, Outcome, Question, Tell } from './jobs'
import { TakenBack } from './unanswered'

/** A thread that does one job at a time. */
export interface CoreThread {
  readonly run: (name: JobName, question: unknown, tell: Tell) => Promise<Outcome>
  /** Ends it in the middle of whatever it does. */
  readonly end: () => void
}

interface Waiting {
  readonly topic: string
  readonly name: JobName
  readonly question: unknown
  readonly tell: Tell
  readonly settle: (outcome: Outcome) => void
  readonly fail: (error: unknown) => void
}

/** So long a job that nobody wants any more may go on: starting a thread anew takes about as long. */
const GRACE_MS = 60

/**
 * Questions to one thread. Of each topic only the newest counts: an older one that waits is dropped, one that runs is
 * ended unless it is nearly done. Topics wait for each other in the order they came.
 * @param start starts a thread
 */
export function coreLine(start: () => CoreThread) {
  let thread: CoreThread | null = null
  let running: Waiting | null = null
  let waiting: Waiting[] = []

  const next = () => {
    const first = waiting.shift()
    if (!first) return
    running = first
    thread ??= start()
    const mine = thread
    const done = (act: () => void) => {
      // A thread that was ended may still answer: nobody listens any more.
      if (thread !== mine || running !== first) return
      running = null
      act()
      next()
    }
    mine
      .run(first.name, first.question, (share) => running === first && first.tell(share))
      .then(
        (outcome) => done(() => first.settle(outcome)),
        (error) => done(() => first.fail(error)),
      )
  }

  const takeBack = (topic: string) => {
    const [mine, others] = [
      waiting.filter((one) => one.topic === topic),
      waiting.filter((one) => one.topic !== topic),
    ]
    waiting = others
    for (const one of mine) one.fail(new TakenBack())
    const left = running
    if (left?.topic !== topic) return
    left.fail(new TakenBack())
    setTimeout(() => {
      if (running !== left) return
      thread?.end()
      thread = null
      running = null
      next()
    }, GRACE_MS)
  }

  return {
    /**
     * Asks; an older question of the same topic is taken back.
     * @param tell told how far the work is, 0 to 1
     * @throws TakenBack when a newer question came, DomainError for what the core refuses
     */
    ask: <Name extends JobName>(
      topic: string,
      name: Name,
      question: Question<Name>,
      tell: Tell = () => {},
    ): Promise<Answer<Name>> => {
      takeBack(topic)
      return new Promise<Answer<Name>>((resolve, reject) => {
        waiting.push({
          topic,
          name,
          question,
          tell,
          settle: (outcome) =>
            outcome.ok
              ? resolve(outcome.value as Answer<Name>)
              : reject(new DomainError(outcome.code as DomainError['code'], outcome.message)),
          fail: reject,
        })
        if (!running) next()
      })
    },
    /** Takes the newest question of a topic back. */
    takeBack,
  }
}
