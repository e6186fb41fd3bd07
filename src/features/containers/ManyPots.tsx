import { useState } from 'react'
import { ENDINGS, type Ending, EXPOSURES, type Exposure, GROWTH_SCORES } from '../../core/season'
import type { CropName } from '../../messages/containers/potViews'
import { Button } from '../../ui/Button'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { containers as potWords } from '../../ui/texts/containers/containers'
import { exposures } from '../../ui/texts/containers/exposures'
import { labels as labelWords } from '../../ui/texts/containers/labels'
import { manyPots as words } from '../../ui/texts/containers/manyPots'
import { potLog as logWords } from '../../ui/texts/containers/potLog'
import { PlantForm } from './PlantForm'
import styles from './Pots.module.css'

const JOBS = ['plant', 'end', 'change', 'away'] as const
type Job = (typeof JOBS)[number]

/** What is done with the chosen pots, answered once for all of them. */
export function ManyPots({
  pots,
  crops,
  places,
  onNone,
}: {
  readonly pots: readonly number[]
  readonly crops: readonly CropName[]
  readonly places: readonly string[]
  /** Nothing is to be done with them. */
  readonly onNone: () => void
}) {
  const [job, setJob] = useState<Job>('plant')
  return (
    <section aria-labelledby="chosen-pots" data-needs="manage" className={styles.planting}>
      <h2 id="chosen-pots">{potWords.chosen(pots.length)}</h2>
      <Choice
        label={words.what}
        name="job"
        options={JOBS.map((value) => ({ value, label: words.jobs[value] }))}
        isChosen={(value) => value === job}
        onChange={(event) => setJob(event.target.value as Job)}
      />
      {job === 'plant' && <PlantForm pots={pots} crops={crops} />}
      {job === 'end' && <EndMany pots={pots} />}
      {job === 'change' && <ChangeMany pots={pots} places={places} />}
      {job === 'away' && <PutAway pots={pots} />}
      <p>
        <a href={`/labels?pots=${pots.join(',')}`}>{labelWords.ofPots(pots.length)}</a>
        {' · '}
        <a href={`/turnover/found?pots=${pots.join(',')}`}>{words.found}</a>
        {' · '}
        <Button weight="quiet" onClick={onNone}>
          {words.chooseNone}
        </Button>
      </p>
    </section>
  )
}

interface OfPots {
  readonly pots: readonly number[]
}

function EndMany({ pots }: OfPots) {
  const { site } = useSite()
  const { field, submit, isSending, problem } = useForm('POST /api/containers/plantings/end', {
    draft: 'end-many',
    begin: { on: site.today, growth: '', why: 'season over' as Ending, note: '' },
    asked: ({ growth, ...typed }) => ({
      body: { pots, ...typed, growth: growth === '' ? null : Number(growth) },
    }),
    taken: ({ ids, lotIds }) => ({
      text: [words.ended(ids.length), lotIds.length > 0 ? words.endedToTurnover : '']
        .filter(Boolean)
        .join(' '),
    }),
  })
  return (
    <Job onSubmit={submit} isSending={isSending} label={words.endIt}>
      <Choice
        label={words.endTitle}
        hint={logWords.growthHint}
        options={GROWTH_SCORES.map((score) => ({ value: String(score), label: String(score) }))}
        {...field('growth')}
      />
      <div className={styles.fields}>
        <SelectField label={potWords.endWhy} {...field('why')}>
          {ENDINGS.map((value) => (
            <option key={value} value={value}>
              {potWords.endings[value]}
            </option>
          ))}
        </SelectField>
        <TextField label={potWords.on} type="date" {...field('on')} />
        <TextField label={potWords.note} {...field('note')} />
      </div>
      <ProblemNotice problem={problem} />
    </Job>
  )
}

function ChangeMany({ pots, places }: OfPots & { readonly places: readonly string[] }) {
  const { field, submit, isSending, problem } = useForm('PATCH /api/containers', {
    draft: 'change-many',
    begin: { place: '', name: '', exposure: '' as Exposure | '' },
    asked: ({ exposure, ...typed }) => ({
      body: { ids: pots, ...typed, exposure: exposure || null },
    }),
    taken: ({ before }) => ({
      text: words.changed(pots.length),
      undo: request('POST /api/containers/put-back', { body: { pots: before } }),
    }),
  })
  return (
    <Job onSubmit={submit} isSending={isSending} label={words.changeIt}>
      <p className={styles.note}>{words.changeLead}</p>
      <div className={styles.fields}>
        <TextField label={words.place} suggestions={places} {...field('place')} />
        <TextField label={words.name} {...field('name')} />
        <SelectField label={words.exposure} {...field('exposure')}>
          <option value="">{words.stays}</option>
          {EXPOSURES.map((value) => (
            <option key={value} value={value}>
              {exposures[value]}
            </option>
          ))}
        </SelectField>
      </div>
      <ProblemNotice problem={problem} />
    </Job>
  )
}

function PutAway({ pots }: OfPots) {
  const { submit, isSending, problem } = useForm('POST /api/containers/put-away', {
    draft: null,
    begin: {},
    asked: () => ({ body: { ids: pots } }),
    taken: () => ({
      text: words.away(pots.length),
      undo: request('POST /api/containers/take-up', { body: { ids: pots } }),
    }),
  })
  return (
    <Job onSubmit={submit} isSending={isSending} label={words.awayIt}>
      <p className={styles.note}>{words.awayLead}</p>
      <ProblemNotice problem={problem} />
    </Job>
  )
}

function Job({
  onSubmit,
  isSending,
  label,
  children,
}: {
  readonly onSubmit: (event: React.FormEvent) => void
  readonly isSending: boolean
  readonly label: string
  readonly children: React.ReactNode
}) {
  return (
    <form className={styles.form} onSubmit={onSubmit} noValidate>
      {children}
      <div>
        <Button type="submit" weight="main" disabled={isSending}>
          {label}
        </Button>
      </div>
    </form>
  )
}
