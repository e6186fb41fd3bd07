import { Button } from '../../ui/Button'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { useFields } from '../../ui/form/useForm'
import { QuantityField } from '../../ui/QuantityField'
import { styleguide as styleguideWords } from '../../ui/texts/styleguide'
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
  const { field, quantity, throwAway } = useFields('styleguide', EMPTY)
  return (
    <form className={styles.form} onSubmit={(event) => event.preventDefault()}>
      <TextField label={words.name} hint={words.nameHint} {...field('name')} />
      <TextField label={words.wrong} {...field('wrong')} error={words.wrongError} />
      <QuantityField label={words.quantity} dimension="volume" {...quantity('compost')} />
      <QuantityField label={words.length} dimension="length" {...quantity('height')} />
      <QuantityField label={words.mass} dimension="mass" {...quantity('mass')} />
      <SelectField label={words.crop} {...field('crop')}>
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
          {...field('roots')}
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
          {...field('feeds')}
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
