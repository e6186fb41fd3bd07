import type { LotPage } from '../../messages/media/lotViews'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { media as mediaWords } from '../../ui/texts/media/media'
import styles from './LotScreen.module.css'

const words = mediaWords.page

/** A mix that is ready is not planted yet: on which day the crop went in. */
export function PlantedForm({ page }: { readonly page: LotPage }) {
  const { site, format } = useSite()
  const { field, submit, problem } = useForm('POST /api/media/lots/[id]/planted', {
    draft: null,
    begin: { on: site.today },
    asked: (body) => ({ params: { id: page.id }, body }),
    taken: (_, { on }) => ({
      text: words.plantedOn(page.present?.cropName ?? '', format.day(on)),
      undo: request('POST /api/media/lots/[id]/planted', {
        params: { id: page.id },
        body: { on: null },
      }),
    }),
  })
  const { present } = page
  if (!present || present.plantedOn !== null || !present.cropName) return null
  const { cropName, readyOn, usualOn } = present

  return (
    <form data-needs="manage" className={styles.planted} onSubmit={submit} noValidate>
      <p>
        {readyOn && readyOn > site.today && words.readyOn(format.day(readyOn))}{' '}
        {usualOn && usualOn > site.today && words.usuallyFrom(cropName, format.day(usualOn))}
      </p>
      <TextField label={words.plantedLabel(cropName)} type="date" {...field('on')} />
      <Button type="submit">{words.savePlanted}</Button>
      <ProblemNotice problem={problem} />
    </form>
  )
}
