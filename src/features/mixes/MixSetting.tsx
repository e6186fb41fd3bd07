import { SelectField, TextField } from '../../ui/Field'
import { QuantityField } from '../../ui/QuantityField'
import { useSite } from '../../ui/SiteContext'
import { containerWords as create } from '../../ui/texts/containers/containerWords'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { LENGTHS_OF } from '../media/newLotValues'
import { useMixDesign } from './DesignContext'
import styles from './MixDesign.module.css'

const words = mixesWords.design

/** In which pot, for what, where, and how often it is watered. */
export function MixSetting() {
  const { form, page, container, errorOf } = useMixDesign()
  const { format } = useSite()
  const values = form.watch()
  return (
    <section aria-label={words.setting}>
      <div className={styles.setting}>
        <TextField label={words.name} error={errorOf('name')} {...form.register('name')} />
        <SelectField
          label={words.pot}
          hint={
            container ? words.potHint(format.plain(format.litres(container.litres))) : undefined
          }
          {...form.register('pot', {
            onChange: () => {
              const own = page.containers[Number(form.getValues('pot'))]
              if (own) form.setValue('exposure', own.exposure)
            },
          })}
        >
          {page.containers.map(({ name, place }, index) => (
            <option key={index} value={String(index)}>
              {name} · {place}
            </option>
          ))}
          <option value="other">{words.anotherPot}</option>
        </SelectField>
        <SelectField label={words.forWhat} {...form.register('purpose')}>
          <option value="">{words.nobody}</option>
          <optgroup label={words.groupsLabel}>
            {page.groups.map(({ id }) => (
              <option key={id} value={`group:${id}`}>
                {mixesWords.groups[id].name}
              </option>
            ))}
          </optgroup>
          <optgroup label={words.cropsLabel}>
            {page.crops.map(({ id, name }) => (
              <option key={id} value={`crop:${id}`}>
                {name}
              </option>
            ))}
          </optgroup>
        </SelectField>
        <SelectField label={words.where} {...form.register('exposure')}>
          {Object.entries(words.exposures).map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </SelectField>
        <TextField
          label={words.everyDays}
          hint={words.everyDaysHint}
          inputMode="decimal"
          error={errorOf('madeFor.everyDays')}
          {...form.register('everyDays')}
        />
      </div>
      {values.pot === 'other' && (
        <div className={styles.setting}>
          <SelectField label={create.inWhat} {...form.register('kind')}>
            {(['round', 'rectangular', 'bowl'] as const).map((kind) => (
              <option key={kind} value={kind}>
                {create.shapes[kind]}
              </option>
            ))}
          </SelectField>
          {LENGTHS_OF[values.kind].map((name) => (
            <QuantityField
              key={name}
              label={create[name]}
              dimension="length"
              typed={values[name]}
              error={errorOf(
                name === 'headspace'
                  ? 'madeFor.container.headspaceCm'
                  : `madeFor.container.shape.${name}Cm`,
              )}
              {...form.register(name)}
            />
          ))}
        </div>
      )}
    </section>
  )
}
