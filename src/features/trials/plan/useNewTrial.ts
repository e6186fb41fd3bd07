import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { type TypedForm, useFields } from '../../../ui/form/useForm'
import { newTrial as words } from '../../../ui/texts/trials/newTrial'
import { type Sending, useSend } from '../../../ui/useSend'
import { bodyOf, valuesOf } from './trialBody'
import { beginAs, EMPTY_TRIAL, type TrialValues, withCandidate } from './trialValues'

export interface NewTrialForm
  extends Pick<Sending, 'errorOf' | 'problem'>,
    Pick<TypedForm<TrialValues>, 'values' | 'change' | 'field'> {
  readonly save: () => Promise<void>
}

/** What is typed of a new trial, kept in this browser until it is planned. */
export function useNewTrial(page: NewTrialPage): NewTrialForm {
  const { problem, errorOf, isSending, deliver } = useSend()
  const begun: TrialValues = page.plan
    ? valuesOf(page.plan)
    : {
        ...EMPTY_TRIAL,
        size: page.sizes[0]?.name ?? '',
        ...(page.kind ? beginAs(page.kind) : {}),
      }
  const { values, change, field, throwAway } = useFields<TrialValues>(
    draftOf(page),
    withCandidate(begun, page.candidate),
    errorOf,
  )
  const save = async () => {
    if (isSending) return
    const body = bodyOf(values, page, words.control.usualName)
    const answer = page.change
      ? await deliver('PUT /api/trials/[id]', {
          params: { id: page.change.id },
          body: {
            ...body,
            version: page.change.version,
          },
        })
      : await deliver('POST /api/trials', { body })
    if (!answer) return
    throwAway()
    window.location.assign(`/trials/${answer.data.id}`)
  }
  return { values, change, field, errorOf, problem, save }
}

/** What is typed of one beginning is no draft of another. */
function draftOf({ change, plan, candidate }: NewTrialPage): string {
  if (change) return `trial/${change.id}/${change.version}`
  if (plan) return `trial-like/${plan.name}`
  return candidate ? `new-trial/${candidate}` : 'new-trial'
}
