import type { LookPot } from '../../../messages/trials/lookViews'
import { useOutbox } from '../../../ui/outbox/useOutbox'
import { PhotoField } from '../../../ui/Photo'
import { request } from '../../../ui/request'
import { base64Of } from '../../../ui/shrinkPhoto'
import { look as words } from '../../../ui/texts/trials/look'
import { showToast } from '../../../ui/toast'

/** A photo of the pot as it is that day; it goes into the pot's own log. */
export function LookPhoto({ trialId, pot }: { readonly trialId: number; readonly pot: LookPot }) {
  const { add } = useOutbox<{ jpeg: string; note: string }>(`pot/${pot.containerId}`)
  return (
    <PhotoField
      label={words.photo}
      onPhoto={async (photo) => {
        if (!photo) return
        const body = { jpeg: await base64Of(photo), note: '' }
        await add({
          title: words.photoKept(pot.code),
          where: pot.code,
          page: `/trials/${trialId}/look`,
          ...request('POST /api/containers/[id]/photos', {
            params: { id: pot.containerId },
            body,
          }),
          body,
        })
        showToast({ text: words.kept(words.photoKept(pot.code)) })
      }}
    />
  )
}
