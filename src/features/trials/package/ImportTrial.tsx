import { useId } from 'react'
import type { SiteView } from '../../../messages/site/site'
import { ProblemNotice } from '../../../ui/Notice'
import { SiteProvider } from '../../../ui/SiteContext'
import { base64Of } from '../../../ui/shrinkPhoto'
import { trialPackages as words } from '../../../ui/texts/trials/trialPackages'
import { showToastOnNextPage } from '../../../ui/toast'
import { useReady } from '../../../ui/useReady'
import { useSend } from '../../../ui/useSend'
import styles from '../Trials.module.css'

/** A finished trial comes back from its package, or from another garden. */
export default function ImportTrial({ site }: { readonly site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <ChooseFile />
    </SiteProvider>
  )
}

function ChooseFile() {
  const id = useId()
  const ready = useReady()
  const { problem, isSending, deliver } = useSend()
  const take = async (input: HTMLInputElement) => {
    const file = input.files?.[0]
    if (!file || isSending) return
    const answer = await deliver('POST /api/trials/import', {
      body: {
        package: await base64Of(file),
      },
    })
    // The same file can be chosen again once it was put right.
    input.value = ''
    if (!answer) return
    showToastOnNextPage({ text: words.taken })
    window.location.assign(`/trials/${answer.data.id}/results`)
  }
  return (
    <section aria-labelledby="from-package" data-needs="manage" className={styles.package}>
      <h2 id="from-package">{words.head}</h2>
      <p>
        <label htmlFor={id}>{words.label}</label>{' '}
        <input
          id={id}
          type="file"
          className={styles.file}
          accept=".zip,application/zip"
          disabled={!ready || isSending}
          onChange={(event) => void take(event.target)}
        />
      </p>
      <ProblemNotice problem={problem} />
    </section>
  )
}
