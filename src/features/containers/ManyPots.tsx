import { useState } from 'react'
import {
  ENDINGS,
  type Ending,
  EXPOSURES,
  type Exposure,
  GROWTH_SCORES,
  type GrowthScore,
} from '../../core/season'
import type { CropName } from '../../messages/containers/potViews'
import { Button } from '../../ui/Button'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { containers as potWords } from '../../ui/texts/containers'
import { exposures } from '../../ui/texts/exposures'
import { labels as labelWords } from '../../ui/texts/labels'
import { manyPots as words } from '../../ui/texts/manyPots'
import { potLog as logWords } from '../../ui/texts/potLog'
import { showToastOnNextPage } from '../../ui/toast'
import { useKept } from '../../ui/useKept'
import { useSend } from '../../ui/useSend'
import { PlantForm } from './PlantForm'
import styles from './Pots.module.css'

const JOBS = ['plant', 'end', 'change', 'away'] as const
type Job = (typeof JOBS)[number]

/** What is done with the chosen pots, answered once for all of them. */
export function ManyPots({
  pots,
  crops,
  places,
}: {
  readonly pots: readonly number[]
  readonly crops: readonly CropName[]
  readonly places: readonly string[]
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
      </p>
    </section>
  )
}

interface OfPots {
  readonly pots: readonly number[]
}

function EndMany({ pots }: OfPots) {
  const { site } = useSite()
  const { problem, errorOf, isSending, deliver } = useSend()
  const { values, change, throwAway } = useKept('end-many', {
    on: site.today,
    growth: null as GrowthScore | null,
    why: 'season over' as Ending,
    note: '',
  })
  const { on, growth, why, note } = values
  const save = async () => {
    const answer = await deliver('POST /api/containers/plantings/end', {
      body: { pots, on, growth, why, note },
    })
    if (!answer) return
    throwAway()
    const { ids, lotIds } = answer.data
    showToastOnNextPage({
      text: [words.ended(ids.length), lotIds.length > 0 ? words.endedToTurnover : '']
        .filter(Boolean)
        .join(' '),
    })
    window.location.reload()
  }
  return (
    <Job onSubmit={save} isSending={isSending} label={words.endIt}>
      <Choice
        label={words.endTitle}
        hint={logWords.growthHint}
        name="growth-of-many"
        options={GROWTH_SCORES.map((score) => ({ value: String(score), label: String(score) }))}
        isChosen={(value) => Number(value) === growth}
        onChange={(event) => change({ growth: Number(event.target.value) as GrowthScore })}
      />
      <div className={styles.fields}>
        <SelectField
          label={potWords.endWhy}
          value={why}
          onChange={(event) => change({ why: event.target.value as Ending })}
        >
          {ENDINGS.map((value) => (
            <option key={value} value={value}>
              {potWords.endings[value]}
            </option>
          ))}
        </SelectField>
        <TextField
          label={potWords.on}
          type="date"
          value={on}
          error={errorOf('on')}
          onChange={(event) => change({ on: event.target.value })}
        />
        <TextField
          label={potWords.note}
          value={note}
          error={errorOf('note')}
          onChange={(event) => change({ note: event.target.value })}
        />
      </div>
      <ProblemNotice problem={problem} />
    </Job>
  )
}

function ChangeMany({ pots, places }: OfPots & { readonly places: readonly string[] }) {
  const { problem, errorOf, isSending, deliver } = useSend()
  const { values, change, throwAway } = useKept('change-many', {
    place: '',
    name: '',
    exposure: '' as Exposure | '',
  })
  const { place, name, exposure } = values
  const save = async () => {
    const answer = await deliver('PATCH /api/containers', {
      body: {
        ids: pots,
        place,
        name,
        exposure: exposure || null,
      },
    })
    if (!answer) return
    throwAway()
    showToastOnNextPage({
      text: words.changed(pots.length),
      undo: request('POST /api/containers/put-back', { body: { pots: answer.data.before } }),
    })
    window.location.reload()
  }
  return (
    <Job onSubmit={save} isSending={isSending} label={words.changeIt}>
      <p className={styles.note}>{words.changeLead}</p>
      <div className={styles.fields}>
        <TextField
          label={words.place}
          suggestions={places}
          value={place}
          error={errorOf('place')}
          onChange={(event) => change({ place: event.target.value })}
        />
        <TextField
          label={words.name}
          value={name}
          error={errorOf('name')}
          onChange={(event) => change({ name: event.target.value })}
        />
        <SelectField
          label={words.exposure}
          value={exposure}
          onChange={(event) => change({ exposure: event.target.value as Exposure | '' })}
        >
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
  const { problem, isSending, deliver } = useSend()
  const save = async () => {
    const answer = await deliver('POST /api/containers/put-away', { body: { ids: pots } })
    if (!answer) return
    showToastOnNextPage({
      text: words.away(pots.length),
      undo: request('POST /api/containers/take-up', { body: { ids: pots } }),
    })
    window.location.reload()
  }
  return (
    <Job onSubmit={save} isSending={isSending} label={words.awayIt}>
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
  readonly onSubmit: () => Promise<void>
  readonly isSending: boolean
  readonly label: string
  readonly children: React.ReactNode
}) {
  return (
    <form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault()
        if (!isSending) void onSubmit()
      }}
      noValidate
    >
      {children}
      <div>
        <Button type="submit" weight="main" disabled={isSending}>
          {label}
        </Button>
      </div>
    </form>
  )
}
