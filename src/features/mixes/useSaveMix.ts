import type { UseFormReturn } from 'react-hook-form'
import type { MixDesignPage } from '../../messages/mixes/mixViews'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { showToastOnNextPage } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import { type MixValues, mixBody } from './mixValues'

const words = mixesWords.design

/** Writes the mix down, a new one or the next version of the one it came from, and puts it away. */
export function useSaveMix(
  form: UseFormReturn<MixValues>,
  page: MixDesignPage,
  throwAway: () => void,
) {
  const { site } = useSite()
  const { problem, errorOf, deliver } = useSend()
  const { mix } = page

  const save = form.handleSubmit(async (values) => {
    const body = mixBody(values, page, site.measures)
    const answer = mix
      ? await deliver('POST /api/mixes/[id]/versions', {
          params: { id: mix.id },
          body: {
            ...body,
            after: mix.version,
          },
        })
      : await deliver('POST /api/mixes', { body })
    if (!answer) return
    throwAway()
    const { data } = answer
    showToastOnNextPage({
      text: words.savedToast(values.name, 'version' in data ? data.version : 1),
    })
    window.location.assign(`/mixes/design?mix=${'id' in data ? data.id : mix?.id}`)
  })

  const putAway = async () => {
    if (!mix) return
    const answer = await deliver('POST /api/mixes/[id]/put-away', { params: { id: mix.id } })
    if (!answer) return
    throwAway()
    showToastOnNextPage({
      text: words.putAwayToast(page.name),
      undo: request('POST /api/mixes/[id]/take-up', { params: { id: mix.id } }),
    })
    window.location.assign('/mixes')
  }

  return { problem, errorOf, save, putAway }
}
