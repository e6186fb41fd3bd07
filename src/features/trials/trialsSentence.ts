import type { TrialRowView } from '../../messages/trials/trialViews'
import { upperFirst } from '../../ui/texts/lowerFirst'
import { trialsSentence as words } from '../../ui/texts/trials/trialsSentence'

interface TrialsSentence {
  readonly strong: string
  readonly rest: string
  /** The trial that is to be looked at now; null where none is. */
  readonly lookAt: number | null
}

type Row = Pick<TrialRowView, 'id' | 'name' | 'state' | 'lateLooks' | 'nextCheck'>

/** What is to be done for the trials: looks that are late before those of today, those before what is only planned. */
export function trialsSentence(
  trials: readonly Row[],
  today: string,
  day: (iso: string) => string,
): TrialsSentence | null {
  const late = trials.filter(({ lateLooks }) => lateLooks > 0)
  const [first] = late
  if (first) {
    return {
      strong:
        late.length === 1 ? words.late(first.name, first.lateLooks) : words.manyLate(late.length),
      rest: late.length === 1 ? '' : `${late.map(({ name }) => name).join(', ')}.`,
      lookAt: first.id,
    }
  }
  const dated = trials
    .flatMap(({ nextCheck, ...row }) => (nextCheck === null ? [] : [{ ...row, nextCheck }]))
    .sort((a, b) => a.nextCheck.localeCompare(b.nextCheck))
  const next = dated[0]
  if (next && next.nextCheck <= today) {
    return { strong: words.today(next.name), rest: '', lookAt: next.id }
  }
  const running = trials.filter(({ state }) => state === 'running')
  if (running.length > 0) {
    return {
      strong: upperFirst(words.runs(running.length)),
      rest: next ? words.next(next.name, day(next.nextCheck)) : '',
      lookAt: null,
    }
  }
  const planned = trials.filter(({ state }) => state !== 'closed')
  const [plan] = planned
  if (plan) {
    return {
      strong:
        planned.length === 1
          ? words.planned(plan.name)
          : upperFirst(words.manyPlanned(planned.length)),
      rest: '',
      lookAt: null,
    }
  }
  if (trials.length === 0) return null
  return { strong: words.over(trials.length), rest: '', lookAt: null }
}
