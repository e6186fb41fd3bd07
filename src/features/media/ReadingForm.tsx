import { useRef } from 'react'
import type { LotPage } from '../../messages/media/lotViews'
import type { ReadingAnswer } from '../../messages/media/readings'
import { Button } from '../../ui/Button'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { useFields } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { useEntry } from '../../ui/outbox/useEntry'
import { QuantityField } from '../../ui/QuantityField'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { media as mediaWords } from '../../ui/texts/media/media'
import { showToast, showToastOnNextPage } from '../../ui/toast'
import styles from './LotScreen.module.css'
import { READING_DEFAULTS, type ReadingValues, readingBody } from './readingValues'

const words = mediaWords.chemistry.reading

/** Writes down what a meter showed or how jars turned out. */
export function ReadingForm({ page }: { readonly page: LotPage }) {
  const { format, site } = useSite()
  const isTyped = useRef(false)
  const done = ({ quantity, value, gPerL, weeks }: ReadingAnswer) => {
    const amount =
      quantity === 'ecSme' ? format.plain(format.conductivity(value, 2)) : format.number(value, 2)
    showToastOnNextPage({
      text:
        gPerL === undefined
          ? words.kept[quantity](amount)
          : words.keptJar(amount, format.number(gPerL, 1), format.number(weeks ?? 0)),
    })
    window.location.reload()
  }
  const entry = useEntry<ReadingAnswer>(`reading/${page.id}`, (kept) => {
    // Not while the next is typed: the page is loaded anew to show it.
    if (!isTyped.current) done(kept)
  })
  const { form, values, field, quantity, throwAway } = useFields<ReadingValues>(
    `reading/${page.id}`,
    READING_DEFAULTS,
    entry.errorOf,
  )
  // Read while drawing: only then the form keeps count of it.
  isTyped.current = form.formState.isDirty

  const save = form.handleSubmit(async (typed) => {
    showToast(null)
    const outcome = await entry.enter({
      title: words.kinds[typed.kind],
      where: page.name,
      page: `/lots/${page.id}`,
      ...request('POST /api/media/lots/[id]/readings', {
        params: { id: page.id },
        body: readingBody(typed, site.measures),
      }),
    })
    if (outcome?.kind === 'waiting') form.reset(READING_DEFAULTS)
    if (outcome?.kind !== 'answered') return
    throwAway()
    done(outcome.data)
  })

  return (
    <form className={styles.entry} onSubmit={save} noValidate>
      <div className={styles.wide}>
        <Choice
          label={words.kind}
          options={(['ph', 'ec', 'jar'] as const).map((value) => ({
            value,
            label: words.kinds[value],
          }))}
          {...field('kind')}
        />
      </div>
      {values.kind === 'jar' ? (
        <>
          <SelectField label={words.product} {...field('amendmentId')}>
            <option value="">{words.chooseProduct}</option>
            {page.correctors.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </SelectField>
          <TextField label={words.target} inputMode="decimal" {...field('target')} />
          <TextField label={words.days} inputMode="numeric" {...field('days')} />
          <div className={styles.wide}>
            {values.jars.map((jar, index) => (
              <div key={jar.key} className={styles.jar}>
                <TextField
                  label={words.dose(index + 1)}
                  inputMode="decimal"
                  {...field(`jars.${index}.gPerL`, `points.${index}.gPerL`)}
                />
                <TextField
                  label={words.phOfJar(index + 1)}
                  inputMode="decimal"
                  {...field(`jars.${index}.ph`, `points.${index}.ph`)}
                />
              </div>
            ))}
            <p className={styles.note}>{words.jarHint}</p>
          </div>
        </>
      ) : (
        <>
          {values.kind === 'ph' ? (
            <TextField label={words.phValue} inputMode="decimal" {...field('value')} />
          ) : (
            <QuantityField
              label={words.ecValue}
              dimension="conductivity"
              echoes="converted"
              {...quantity('value')}
            />
          )}
          <SelectField label={words.method} {...field('method')}>
            {Object.entries(words.methods)
              .filter(([method]) => values.kind === 'ph' || method !== 'strip')
              .map(([method, name]) => (
                <option key={method} value={method}>
                  {name}
                </option>
              ))}
          </SelectField>
          {values.kind === 'ec' && (
            <QuantityField
              label={words.temperature}
              hint={words.temperatureHint}
              dimension="temperature"
              echoes="converted"
              {...quantity('tempC')}
            />
          )}
        </>
      )}
      <div className={styles.wide}>
        <ProblemNotice problem={entry.problem} />
        <Button type="submit">{words.save}</Button>
      </div>
    </form>
  )
}
