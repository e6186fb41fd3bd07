import { useState } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import type { MixDesignPage } from '../../messages/mixes/mixViews'
import type { Problem } from '../../messages/problem'
import { useSite } from '../../ui/SiteContext'
import { send } from '../../ui/send'
import { mixes as mixesWords } from '../../ui/texts/mixes'
import { showToastOnNextPage } from '../../ui/toast'
import { type MixValues, mixBody } from './mixValues'

const words = mixesWords.design

/** Writes the mix down, a new one or the next version of the one it came from, and puts it away. */
export function useSaveMix(
  form: UseFormReturn<MixValues>,
  page: MixDesignPage,
  throwAway: () => void,
) {
  const { site } = useSite()
  const [problem, setProblem] = useState<Problem | null>(null)
  const { mix } = page

  const save = form.handleSubmit(async (values) => {
    const body = mixBody(values, page, site.measures)
    const answer = mix
      ? await send<{ version: number }>('POST', `/api/mixes/${mix.id}/versions`, {
          ...body,
          after: mix.version,
        })
      : await send<{ id: number }>('POST', '/api/mixes', body)
    if (!answer.ok) {
      setProblem(answer.problem)
      return
    }
    throwAway()
    const { data } = answer
    showToastOnNextPage({
      text: words.savedToast(values.name, 'version' in data ? data.version : 1),
    })
    window.location.assign(`/mixes/design?mix=${'id' in data ? data.id : mix?.id}`)
  })

  const putAway = async () => {
    if (!mix) return
    const answer = await send('POST', `/api/mixes/${mix.id}/put-away`, {})
    if (!answer.ok) {
      setProblem(answer.problem)
      return
    }
    throwAway()
    showToastOnNextPage({
      text: words.putAwayToast(page.name),
      undo: { method: 'POST', address: `/api/mixes/${mix.id}/take-up`, body: {} },
    })
    window.location.assign('/mixes')
  }

  const errorOf = (field: string) => problem?.fields.find((one) => one.field === field)?.message

  return { problem, errorOf, save, putAway }
}
