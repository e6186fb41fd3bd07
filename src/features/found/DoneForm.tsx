import type { TreatmentKind } from '../../core/recondition'
import type { TriageView } from '../../messages/media/found'
import type { NewTreatment } from '../../messages/media/treatments'
import { Button } from '../../ui/Button'
import { Choice, TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { request } from '../../ui/request'
import { useSite } from '../../ui/SiteContext'
import { treatments as words } from '../../ui/texts/treatments'
import { showToastOnNextPage } from '../../ui/toast'
import { useKept } from '../../ui/useKept'
import { useSend } from '../../ui/useSend'
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
  const { problem, errorOf, isSending, deliver } = useSend()
  const kinds = offered(triage, isInPots)
  const { values, change, throwAway } = useKept(`done/${lotId}`, {
    kind: '' as TreatmentKind | '',
    skim: triage?.skimCm ? `${triage.skimCm} cm` : '',
    topTo: 'bin' as NewTreatment['topTo'],
    until: '',
    note: '',
  })
  const { kind, skim, topTo, until, note } = values
  const depth = readQuantity(skim, 'length', site.measures)

  const keep = async () => {
    if (kind === '' || isSending || (kind === 'skim' && depth.problem)) return
    const body: NewTreatment = {
      kind,
      skimCm: kind === 'skim' ? depth.value : null,
      topTo,
      until: kind === 'quarantine' && until !== '' ? until : null,
      note,
    }
    const answer = await deliver('POST /api/media/lots/[id]/treatments', {
      params: { id: lotId },
      body,
    })
    if (!answer) return
    throwAway()
    const { id, topLotId } = answer.data
    showToastOnNextPage({
      text: topLotId === null ? words.kept(words.kinds[kind]) : words.topKept(topLotId),
      // A top that left cannot be put back by taking the entry back: its litres are reversed in the ledger.
      ...(kind === 'skim'
        ? {}
        : {
            undo: request('PUT /api/media/lots/[id]/treatments/[treatmentId]', {
              params: { id: lotId, treatmentId: id },
              body: { counts: false },
            }),
          }),
    })
    window.location.reload()
  }

  return (
    <form
      className={styles.done}
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        void keep()
      }}
    >
      <Choice
        label={words.what}
        name="done-kind"
        error={errorOf('kind')}
        options={kinds.map((one) => ({
          value: one,
          label: words.choices[one][0],
          note: words.choices[one][1],
        }))}
        isChosen={(value) => value === kind}
        onChange={(event) => change({ kind: event.currentTarget.value as TreatmentKind })}
      />
      {kind === 'skim' && (
        <>
          <QuantityField
            label={words.depth}
            dimension="length"
            typed={skim}
            error={errorOf('skimCm')}
            value={skim}
            onChange={(event) => change({ skim: event.currentTarget.value })}
          />
          <Choice
            label={words.topTo}
            name="done-top"
            options={[
              { value: 'bin', label: words.away },
              { value: 'store', label: words.toStore, note: words.toStoreNote },
            ]}
            isChosen={(value) => value === topTo}
            onChange={(event) => change({ topTo: event.currentTarget.value as typeof topTo })}
          />
        </>
      )}
      {kind === 'quarantine' && (
        <TextField
          label={words.untilDay}
          type="date"
          error={errorOf('until')}
          value={until}
          onChange={(event) => change({ until: event.currentTarget.value })}
        />
      )}
      {(kind === 'quarantine' || kind === 'override') && (
        <TextField
          label={words.why}
          hint={kind === 'override' ? words.overrideHint : undefined}
          error={errorOf('note')}
          value={note}
          onChange={(event) => change({ note: event.currentTarget.value })}
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
