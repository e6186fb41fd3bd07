import type { HandKind } from '../../messages/media/lots'
import type { LotPage } from '../../messages/media/lotViews'
import { Button } from '../../ui/Button'
import { DespiteField } from '../../ui/DespiteField'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { common as commonWords } from '../../ui/texts/common'
import { media as mediaWords } from '../../ui/texts/media/media'
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
  const { values, form, field, quantity, submit, problem, throwAway } = useForm(
    'POST /api/media/lots/[id]/entries',
    {
      draft: `entry/${page.id}`,
      begin: DEFAULTS,
      asked: ({ kind, litres, materialId, note, despite }) => {
        const amount = readQuantity(litres, 'volume', site.measures)
        if (amount.problem) {
          form.setFocus('litres')
          return null
        }
        return {
          params: { id: page.id },
          body: {
            kind,
            litres: kind === 'emptied' ? 0 : (amount.value ?? 0),
            note,
            despite,
            ...(kind === 'topped-up' && materialId ? { materialId } : {}),
          },
        }
      },
      taken: () => ({}),
    },
  )

  return (
    <form className={styles.entry} onSubmit={submit} noValidate>
      <div className={styles.wide}>
        <Choice
          label={words.kind}
          options={Object.entries(mediaWords.handKinds).map(([value, label]) => ({
            value,
            label,
          }))}
          {...field('kind')}
        />
      </div>
      {values.kind === 'emptied' ? (
        <p className={styles.note}>{words.emptiedHint}</p>
      ) : (
        <QuantityField
          label={words.litres}
          hint={words.litresHint}
          dimension="volume"
          {...quantity('litres')}
        />
      )}
      {values.kind === 'topped-up' && (
        <SelectField label={words.material} {...field('materialId')}>
          <option value="">{words.chooseMaterial}</option>
          {page.materials.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
      )}
      <TextField label={words.note} {...field('note')} />
      <DespiteField problem={problem} {...quantity('despite')} />
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
