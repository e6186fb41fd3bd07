import { useMemo } from 'react'
import { Button } from '../../ui/Button'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { QuantityField } from '../../ui/QuantityField'
import { styleguide as styleguideWords } from '../../ui/texts/styleguide'
import { useDraft } from '../../ui/useDraft'
import { useValues } from '../../ui/useValues'
import styles from './Styleguide.module.css'

const words = styleguideWords.fields
const EMPTY = {
  name: '',
  wrong: words.wrongText as string,
  compost: '2 1/2 cups',
  height: '14 in',
  mass: '',
  crop: '',
  roots: 'fine',
  feeds: ['scoop'],
}

/** Fields as typed, kept as a draft. */
export function Fields() {
  const form = useValues(EMPTY)
  const throwAway = useDraft(
    'styleguide',
    form,
    useMemo(() => EMPTY, []),
  )
  const values = form.watch()
  return (
    <form className={styles.form} onSubmit={(event) => event.preventDefault()}>
      <TextField label={words.name} hint={words.nameHint} {...form.register('name')} />
      <TextField label={words.wrong} error={words.wrongError} {...form.register('wrong')} />
      <QuantityField
        label={words.quantity}
        dimension="volume"
        typed={values.compost}
        {...form.register('compost')}
      />
      <QuantityField
        label={words.length}
        dimension="length"
        typed={values.height}
        {...form.register('height')}
      />
      <QuantityField
        label={words.mass}
        dimension="mass"
        typed={values.mass}
        {...form.register('mass')}
      />
      <SelectField label={words.crop} {...form.register('crop')}>
        <option value="">…</option>
        {words.crops.map((crop) => (
          <option key={crop}>{crop}</option>
        ))}
      </SelectField>
      <div className={styles.wide}>
        <Choice
          label={words.roots}
          options={(['fine', 'dense', 'bound'] as const).map((value) => ({
            value,
            label: words.rootNames[value],
            note: words.rootNotes[value],
          }))}
          {...form.register('roots')}
        />
      </div>
      <div className={styles.wide}>
        <Choice
          kind="checkbox"
          label={words.feeds}
          options={(['scoop', 'bucket', 'barrow'] as const).map((value) => ({
            value,
            label: words.feedNames[value],
          }))}
          {...form.register('feeds')}
        />
      </div>
      <p className={styles.wide}>
        {words.draft}{' '}
        <Button
          weight="quiet"
          onClick={() => {
            throwAway()
            window.location.reload()
          }}
        >
          {words.throwAway}
        </Button>
      </p>
    </form>
  )
}
