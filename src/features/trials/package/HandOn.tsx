import { useState } from 'react'
import type { FindingView, ResultsPage } from '../../../messages/trials/looks'
import { Button } from '../../../ui/Button'
import { SelectField, TextField } from '../../../ui/Field'
import { ProblemNotice } from '../../../ui/Notice'
import { useSite } from '../../../ui/SiteContext'
import { trialFindings as words } from '../../../ui/texts/trials/trialFindings'
import { showToastOnNextPage } from '../../../ui/toast'
import { useSend } from '../../../ui/useSend'
import styles from '../results/Results.module.css'
import { suggestedTreatment } from '../results/resultText'

const ANY = ''

/** What it found goes on: the standard mix for a crop, or the most of a material; and what was handed on already. */
export function HandOn({ page }: { readonly page: ResultsPage }) {
  const added = page.treatments.find(({ addedName }) => addedName !== null)
  return (
    <section aria-labelledby="hand-on" data-needs="manage" className={styles.part}>
      <h2 id="hand-on">{words.head}</h2>
      {page.findings.length > 0 && (
        <ul className={styles.lines}>
          {page.findings.map((one) => (
            <Held key={one.id} finding={one} />
          ))}
        </ul>
      )}
      {added ? (
        <CapForm page={page} treatmentId={added.id} name={added.addedName ?? ''} />
      ) : (
        page.crops.length > 0 && <StandardForm page={page} />
      )}
    </section>
  )
}

function Held({ finding }: { readonly finding: FindingView }) {
  const { format } = useSite()
  const { problem, deliver } = useSend()
  const takeBack = async () => {
    if (
      !(await deliver('POST /api/trials/[id]/findings/[findingId]/end', {
        params: { id: finding.trialId, findingId: finding.id },
      }))
    )
      return
    showToastOnNextPage({ text: words.takenBack })
    window.location.reload()
  }
  return (
    <li>
      <strong>{words.said(finding, format.number(finding.maxPercent ?? 0))}</strong>{' '}
      {words.since(format.day(finding.on))}{' '}
      <Button weight="quiet" onClick={() => void takeBack()}>
        {words.takeBack}
      </Button>
      <ProblemNotice problem={problem} />
    </li>
  )
}

function StandardForm({ page }: { readonly page: ResultsPage }) {
  const { problem, errorOf, isSending, deliver } = useSend()
  const [treatmentId, setTreatmentId] = useState(String(suggestedTreatment(page)?.id ?? ''))
  const [cropId, setCropId] = useState(page.crops.length === 1 ? (page.crops[0]?.id ?? ANY) : ANY)
  const save = async (event: React.FormEvent) => {
    event.preventDefault()
    if (isSending) return
    const answer = await deliver('POST /api/trials/[id]/findings', {
      params: { id: page.trialId },
      body: {
        kind: 'standard',
        treatmentId: Number(treatmentId),
        cropId: cropId || null,
        maxPercent: null,
      },
    })
    if (!answer) return
    showToastOnNextPage({ text: words.kept })
    window.location.reload()
  }
  return (
    <form className={styles.hand} noValidate onSubmit={(event) => void save(event)}>
      <SelectField
        label={words.standard}
        hint={words.standardHint}
        value={treatmentId}
        error={errorOf('treatmentId')}
        onChange={(event) => setTreatmentId(event.target.value)}
      >
        {page.treatments.map(({ id, name, medium }) => (
          <option key={id} value={id}>
            {name === medium ? name : `${name} (${medium})`}
          </option>
        ))}
      </SelectField>
      <Crop page={page} value={cropId} error={errorOf('cropId')} onChange={setCropId} />
      <Button type="submit">{words.makeStandard}</Button>
      <ProblemNotice problem={problem} />
    </form>
  )
}

function CapForm({
  page,
  treatmentId,
  name,
}: {
  readonly page: ResultsPage
  readonly treatmentId: number
  readonly name: string
}) {
  const { problem, errorOf, isSending, deliver } = useSend()
  const [most, setMost] = useState(page.noEffectUpTo === null ? '' : String(page.noEffectUpTo))
  const [cropId, setCropId] = useState(page.crops[0]?.id ?? ANY)
  const save = async (event: React.FormEvent) => {
    event.preventDefault()
    if (isSending) return
    const typed = most.trim().replace(',', '.').replace('%', '').trim()
    const answer = await deliver('POST /api/trials/[id]/findings', {
      params: { id: page.trialId },
      body: {
        kind: 'cap',
        treatmentId,
        cropId: cropId || null,
        maxPercent: typed === '' ? null : Number.isNaN(Number(typed)) ? typed : Number(typed),
      },
    })
    if (!answer) return
    showToastOnNextPage({ text: words.kept })
    window.location.reload()
  }
  return (
    <form className={styles.hand} noValidate onSubmit={(event) => void save(event)}>
      <TextField
        label={words.cap(name)}
        hint={words.capHint}
        inputMode="decimal"
        value={most}
        error={errorOf('maxPercent')}
        onChange={(event) => setMost(event.target.value)}
      />
      <Crop page={page} value={cropId} error={errorOf('cropId')} onChange={setCropId} />
      <Button type="submit">{words.makeCap}</Button>
      <ProblemNotice problem={problem} />
    </form>
  )
}

function Crop({
  page,
  value,
  error,
  onChange,
}: {
  readonly page: ResultsPage
  readonly value: string
  readonly error: ReturnType<ReturnType<typeof useSend>['errorOf']>
  readonly onChange: (cropId: string) => void
}) {
  return (
    <SelectField
      label={words.crop}
      value={value}
      error={error}
      onChange={(event) => onChange(event.target.value)}
    >
      <option value={ANY}>{words.anyCrop}</option>
      {page.crops.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </SelectField>
  )
}
