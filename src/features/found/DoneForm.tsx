import type { TreatmentKind } from '../../core/recondition'
import type { TriageView } from '../../messages/media/found'
import type { NewTreatment } from '../../messages/media/treatments'
import { Button } from '../../ui/Button'
import { Choice, TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { treatments as words } from '../../ui/texts/media/treatments'
import styles from './Found.module.css'

/** What was done with a lot, or is decided of it: kept apart, used all the same. */
export function DoneForm({
  lotId,
  triage,
  isInPots,
}: {
  readonly lotId: number
  readonly triage: TriageView | null
  readonly isInPots: boolean
}) {
  const { site } = useSite()
  const kinds = offered(triage, isInPots)
  const { values, field, quantity, submit, isSending, problem } = useForm(
    'POST /api/media/lots/[id]/treatments',
    {
      draft: `done/${lotId}`,
      begin: {
        kind: '' as TreatmentKind | '',
        skim: triage?.skimCm ? `${triage.skimCm} cm` : '',
        topTo: 'bin' as NewTreatment['topTo'],
        until: '',
        note: '',
      },
      asked: ({ kind, skim, topTo, until, note }) => {
        const depth = readQuantity(skim, 'length', site.measures)
        if (kind === '' || (kind === 'skim' && depth.problem)) return null
        return {
          params: { id: lotId },
          body: {
            kind,
            skimCm: kind === 'skim' ? depth.value : null,
            topTo,
            until: kind === 'quarantine' && until !== '' ? until : null,
            note,
          },
        }
      },
      taken: ({ id, topLotId }, { kind }) => ({
        text:
          topLotId === null && kind !== ''
            ? words.kept(words.kinds[kind])
            : words.topKept(topLotId ?? 0),
        // A top that left cannot be put back by taking the entry back: its litres are reversed in the ledger.
        ...(kind === 'skim'
          ? {}
          : {
              undo: request('PUT /api/media/lots/[id]/treatments/[treatmentId]', {
                params: { id: lotId, treatmentId: id },
                body: { counts: false },
              }),
            }),
      }),
    },
  )
  const { kind } = values

  return (
    <form className={styles.done} noValidate onSubmit={submit}>
      <Choice
        label={words.what}
        options={kinds.map((one) => ({
          value: one,
          label: words.choices[one][0],
          note: words.choices[one][1],
        }))}
        {...field('kind')}
      />
      {kind === 'skim' && (
        <>
          <QuantityField label={words.depth} dimension="length" {...quantity('skim', 'skimCm')} />
          <Choice
            label={words.topTo}
            options={[
              { value: 'bin', label: words.away },
              { value: 'store', label: words.toStore, note: words.toStoreNote },
            ]}
            {...field('topTo')}
          />
        </>
      )}
      {kind === 'quarantine' && (
        <TextField label={words.untilDay} type="date" {...field('until')} />
      )}
      {(kind === 'quarantine' || kind === 'override') && (
        <TextField
          label={words.why}
          hint={kind === 'override' ? words.overrideHint : undefined}
          {...field('note')}
        />
      )}
      {kind !== '' && (
        <p>
          <Button type="submit" disabled={isSending}>
            {words.keep}
          </Button>
        </p>
      )}
      <ProblemNotice problem={problem} />
    </form>
  )
}

/** What triage asks for first; a quarantine always, an override where something speaks against the lot. */
function offered(triage: TriageView | null, isInPots: boolean): TreatmentKind[] {
  const asks = (action: TriageView['actions'][number]) => triage?.actions.includes(action) ?? false
  const isAgainst =
    triage !== null &&
    triage.overridden === null &&
    (triage.verdict !== 'reuse' || triage.notFor.length > 0)
  return [
    ...(asks('clear-debris') ? ['debris' as const] : []),
    ...(isInPots ? ['skim' as const] : []),
    ...(asks('rewet') ? ['rewet' as const] : []),
    ...(asks('aerate') ? ['aerate' as const] : []),
    ...(asks('leach') ? ['leach' as const] : []),
    ...(asks('rest') && triage?.hold?.kind !== 'rest' ? ['rest' as const] : []),
    'quarantine',
    ...(isAgainst ? ['override' as const] : []),
  ]
}
