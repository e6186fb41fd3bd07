import { useMemo } from 'react'
import type { HandKind, LotPage } from '../../messages/media/lots'
import { Button } from '../../ui/Button'
import { DespiteField } from '../../ui/DespiteField'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { common as commonWords } from '../../ui/texts/common'
import { media as mediaWords } from '../../ui/texts/media'
import { useDraft } from '../../ui/useDraft'
import { useSend } from '../../ui/useSend'
import { useValues } from '../../ui/useValues'
import styles from './LotScreen.module.css'

interface Values {
  kind: HandKind
  litres: string
  materialId: string
  note: string
  despite: string
}

const DEFAULTS: Values = { kind: 'topped-up', litres: '', materialId: '', note: '', despite: '' }

/** One ledger entry by hand. */
export function EntryForm({ page, onClose }: { page: LotPage; onClose: () => void }) {
  const { site } = useSite()
  const words = mediaWords.page
  const { problem, errorOf, deliver } = useSend()
  const form = useValues<Values>(DEFAULTS)
  const throwAway = useDraft(
    `entry/${page.id}`,
    form,
    useMemo(() => DEFAULTS, []),
  )
  const values = form.watch()

  const save = form.handleSubmit(async ({ kind, litres, materialId, note, despite }) => {
    const amount = readQuantity(litres, 'volume', site.measures)
    if (amount.problem) {
      form.setFocus('litres')
      return
    }
    const answer = await deliver('POST /api/media/lots/[id]/entries', {
      params: { id: page.id },
      body: {
        kind,
        litres: kind === 'emptied' ? 0 : (amount.value ?? 0),
        note,
        despite,
        ...(kind === 'topped-up' && materialId ? { materialId } : {}),
      },
    })
    if (!answer) return
    throwAway()
    window.location.reload()
  })

  return (
    <form className={styles.entry} onSubmit={save} noValidate>
      <div className={styles.wide}>
        <Choice
          label={words.kind}
          options={Object.entries(mediaWords.handKinds).map(([value, label]) => ({
            value,
            label,
          }))}
          {...form.register('kind')}
        />
      </div>
      {values.kind === 'emptied' ? (
        <p className={styles.note}>{words.emptiedHint}</p>
      ) : (
        <QuantityField
          label={words.litres}
          hint={words.litresHint}
          dimension="volume"
          typed={values.litres}
          error={errorOf('litres')}
          {...form.register('litres')}
        />
      )}
      {values.kind === 'topped-up' && (
        <SelectField
          label={words.material}
          error={errorOf('materialId')}
          {...form.register('materialId')}
        >
          <option value="">{words.chooseMaterial}</option>
          {page.materials.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
      )}
      <TextField label={words.note} {...form.register('note')} />
      <DespiteField
        problem={problem}
        typed={values.despite}
        error={errorOf('despite')}
        {...form.register('despite')}
      />
      <div className={styles.wide}>
        <ProblemNotice problem={problem} />
        <div>
          <Button type="submit">{words.saveEntry}</Button>{' '}
          <Button
            weight="quiet"
            onClick={() => {
              throwAway()
              onClose()
            }}
          >
            {commonWords.cancel}
          </Button>
        </div>
      </div>
    </form>
  )
}
