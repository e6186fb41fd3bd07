import { useState } from 'react'
import type { LotPage } from '../../messages/media/lots'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { media as mediaWords } from '../../ui/texts/media/media'
import { showToastOnNextPage } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import styles from './LotScreen.module.css'

const words = mediaWords.page

/** A mix that is ready is not planted yet: on which day the crop went in. */
export function PlantedForm({ page }: { readonly page: LotPage }) {
  const { site, format } = useSite()
  const [on, setOn] = useState(site.today)
  const { problem, errorOf, isSending, deliver } = useSend()
  const { present } = page
  if (!present || present.plantedOn !== null || !present.cropName) return null
  const { cropName, readyOn, usualOn } = present

  const save = async (event: React.FormEvent) => {
    event.preventDefault()
    if (isSending) return
    const answer = await deliver('POST /api/media/lots/[id]/planted', {
      params: { id: page.id },
      body: { on },
    })
    if (!answer) return
    showToastOnNextPage({
      text: words.plantedOn(cropName, format.day(on)),
      undo: request('POST /api/media/lots/[id]/planted', {
        params: { id: page.id },
        body: { on: null },
      }),
    })
    window.location.reload()
  }
  return (
    <form
      data-needs="manage"
      className={styles.planted}
      onSubmit={(event) => void save(event)}
      noValidate
    >
      <p>
        {readyOn && readyOn > site.today && words.readyOn(format.day(readyOn))}{' '}
        {usualOn && usualOn > site.today && words.usuallyFrom(cropName, format.day(usualOn))}
      </p>
      <TextField
        label={words.plantedLabel(cropName)}
        type="date"
        value={on}
        error={errorOf('on')}
        onChange={(event) => setOn(event.target.value)}
      />
      <Button type="submit">{words.savePlanted}</Button>
      <ProblemNotice problem={problem} />
    </form>
  )
}
