import type { FindingView, ResultsPage } from '../../../messages/trials/resultViews'
import { Button } from '../../../ui/Button'
import { SelectField, TextField } from '../../../ui/Field'
import { type FieldProps, useForm } from '../../../ui/form/useForm'
import { ProblemNotice } from '../../../ui/Notice'
import { useSite } from '../../../ui/SiteContext'
import { trialFindings as words } from '../../../ui/texts/trials/trialFindings'
import { showToastOnNextPage } from '../../../ui/toast'
import { useSend } from '../../../ui/useSend'
import { numberOrTyped } from '../../readNumber'
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
  const { field, submit, problem } = useForm('POST /api/trials/[id]/findings', {
    draft: null,
    begin: {
      treatmentId: String(suggestedTreatment(page)?.id ?? ''),
      cropId: page.crops.length === 1 ? (page.crops[0]?.id ?? ANY) : ANY,
    },
    asked: ({ treatmentId, cropId }) => ({
      params: { id: page.trialId },
      body: {
        kind: 'standard',
        treatmentId: Number(treatmentId),
        cropId: cropId || null,
        maxPercent: null,
      },
    }),
    taken: () => ({ text: words.kept }),
  })
  return (
    <form className={styles.hand} noValidate onSubmit={submit}>
      <SelectField label={words.standard} hint={words.standardHint} {...field('treatmentId')}>
        {page.treatments.map(({ id, name, medium }) => (
          <option key={id} value={id}>
            {name === medium ? name : `${name} (${medium})`}
          </option>
        ))}
      </SelectField>
      <Crop page={page} {...field('cropId')} />
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
  const { field, submit, problem } = useForm('POST /api/trials/[id]/findings', {
    draft: null,
    begin: {
      most: page.noEffectUpTo === null ? '' : String(page.noEffectUpTo),
      cropId: page.crops[0]?.id ?? ANY,
    },
    asked: ({ most, cropId }) => ({
      params: { id: page.trialId },
      body: {
        kind: 'cap',
        treatmentId,
        cropId: cropId || null,
        maxPercent: most.trim() === '' ? null : numberOrTyped(most.replace('%', '')),
      },
    }),
    taken: () => ({ text: words.kept }),
  })
  return (
    <form className={styles.hand} noValidate onSubmit={submit}>
      <TextField
        label={words.cap(name)}
        hint={words.capHint}
        inputMode="decimal"
        {...field('most', 'maxPercent')}
      />
      <Crop page={page} {...field('cropId')} />
      <Button type="submit">{words.makeCap}</Button>
      <ProblemNotice problem={problem} />
    </form>
  )
}

function Crop({ page, ...field }: FieldProps & { readonly page: ResultsPage }) {
  return (
    <SelectField label={words.crop} {...field}>
      <option value={ANY}>{words.anyCrop}</option>
      {page.crops.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </SelectField>
  )
}
