import { EXPOSURES, type Exposure } from '../../core/season'
import type { PlaceRow, PlacesPage } from '../../messages/containers/places'
import type { SiteView } from '../../messages/site/site'
import { Button, LinkButton } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { Fold } from '../../ui/Fold'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { request } from '../../ui/request'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { exposures } from '../../ui/texts/containers/exposures'
import { places as words } from '../../ui/texts/containers/places'
import { showToastOnNextPage } from '../../ui/toast'
import styles from './Places.module.css'

/** The places of the garden with their sun and wind. */
export default function PlacesScreen({
  page,
  site,
}: {
  readonly page: PlacesPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <PageHead
        title={words.title}
        lead={words.lead}
        actions={<LinkButton href="/pots">{words.back}</LinkButton>}
      />
      {page.rows.length === 0 && (
        <p>
          {words.none} {words.next}
        </p>
      )}
      <ul className={styles.places}>
        {page.rows.map((row) => (
          <Place key={row.id} row={row} />
        ))}
      </ul>
      <section aria-labelledby="add-place" data-needs="manage" className={styles.add}>
        <h2 id="add-place">{words.add}</h2>
        <PlaceForm begin={{ name: '', exposure: 'open' }} label={words.addIt} done={words.added} />
      </section>
    </SiteProvider>
  )
}

function Place({ row }: { readonly row: PlaceRow }) {
  const { format } = useSite()
  const { id, name, exposure, version, pots, growing, otherwise, litres } = row
  return (
    <li className={styles.place}>
      <h2 className={styles.name}>
        <a href={`/pots?place=${encodeURIComponent(name)}`}>{name}</a>
      </h2>
      <dl className={styles.facts}>
        <div>
          <dt>{words.columns.exposure}</dt>
          <dd>
            {exposures[exposure]}
            {otherwise > 0 && <small> · {words.otherwise(otherwise)}</small>}
          </dd>
        </div>
        <div>
          <dt>{words.columns.pots}</dt>
          <dd>{words.pots(pots, growing)}</dd>
        </div>
        {pots > 0 && (
          <div>
            <dt>{words.columns.litres}</dt>
            <dd>{format.plain(format.litres(litres))}</dd>
          </div>
        )}
      </dl>
      <Fold needs="manage" title={words.correctOf(name)} className={styles.correct}>
        <PlaceForm
          place={{ id, version }}
          begin={{ name, exposure }}
          label={words.keep}
          done={words.kept}
          away={pots === 0 ? id : null}
        />
      </Fold>
    </li>
  )
}

function PlaceForm({
  place,
  begin,
  label,
  done,
  away = null,
}: {
  /** The place that is corrected; without it a new one is made. */
  readonly place?: { readonly id: number; readonly version: number }
  readonly begin: Readonly<{ name: string; exposure: Exposure }>
  readonly label: string
  readonly done: (name: string) => string
  /** Of a place where no pot stands. */
  readonly away?: number | null
}) {
  const { field, submit, deliver, isSending, problem } = useForm(
    place ? 'PATCH /api/places/[id]' : 'POST /api/places',
    {
      draft: `place/${place?.id ?? ''}/${place?.version ?? ''}`,
      begin,
      asked: (body) =>
        place ? { params: { id: place.id }, body: { ...body, version: place.version } } : { body },
      taken: (_, { name }) => ({ text: done(name) }),
    },
  )
  const remove = async () => {
    if (away === null) return
    const answer = await deliver('POST /api/places/[id]/put-away', { params: { id: away } })
    if (!answer) return
    showToastOnNextPage({
      text: words.awayDone(begin.name),
      undo: request('POST /api/places', { body: begin }),
    })
    window.location.reload()
  }
  return (
    <form className={styles.form} onSubmit={submit} noValidate>
      <TextField label={words.name} {...field('name')} />
      <SelectField label={words.exposure} hint={words.exposureHint} {...field('exposure')}>
        {EXPOSURES.map((value) => (
          <option key={value} value={value}>
            {exposures[value]}
          </option>
        ))}
      </SelectField>
      <div className={styles.keys}>
        <Button type="submit" disabled={isSending}>
          {label}
        </Button>
        {away !== null && (
          <Button disabled={isSending} onClick={() => void remove()}>
            {words.away}
          </Button>
        )}
      </div>
      <ProblemNotice problem={problem} />
    </form>
  )
}
