import type { PotPage } from '../../messages/containers/potViews'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { containers as words } from '../../ui/texts/containers/containers'
import { exposures } from '../../ui/texts/containers/exposures'
import { media as mediaWords } from '../../ui/texts/media/media'
import {
  type ContainerValues,
  DEFAULT_LOT,
  LENGTHS_OF,
  type LengthName,
  typedContainer,
} from '../media/newLotValues'
import styles from './Pots.module.css'

/** The pot as it really is: its code, place and size; what follows for its mix is told. */
export function CorrectForm({ page }: { readonly page: PotPage }) {
  const { site, format } = useSite()
  const { values, field, quantity, submit, problem } = useForm('PATCH /api/containers/[id]', {
    // Another version is another pot: what was typed of an older one would put it back.
    draft: `correct/${page.id}/${page.version}`,
    begin: {
      code: page.code,
      name: page.name,
      place: page.place,
      exposure: page.exposure as string,
      size: valuesOf(page),
      filler: page.fillerCm > 0 ? `${page.fillerCm} cm` : '',
    },
    asked: ({ size, filler, ...typed }) => {
      const height = readQuantity(filler, 'length', site.measures)
      if (height.problem) return null
      const container = typedContainer(size, site.measures)
      return {
        params: { id: page.id },
        body: {
          ...typed,
          shape: container?.shape,
          headspaceCm: container?.headspaceCm,
          fillerCm: height.value ?? 0,
          version: page.version,
        },
      }
    },
    taken: ({ litres, air }, { code }) => ({
      text: words.corrected(
        code,
        format.plain(format.litres(litres)),
        air === null ? null : format.plain(format.percent(air)),
      ),
    }),
  })
  const { kind } = values.size

  return (
    <form className={styles.form} onSubmit={submit} noValidate>
      <div className={styles.fields}>
        <TextField label={words.code} {...field('code')} />
        <TextField label={words.name} {...field('name')} />
        <TextField label={words.place} suggestions={page.places} {...field('place')} />
        <SelectField
          label={mediaWords.create.exposure}
          hint={mediaWords.create.exposureHint}
          {...field('exposure')}
        >
          {Object.entries(exposures).map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </SelectField>
        <SelectField label={words.form} {...field('size.kind')}>
          {(['round', 'rectangular', 'bowl'] as const).map((value) => (
            <option key={value} value={value}>
              {mediaWords.create.shapes[value]}
            </option>
          ))}
        </SelectField>
        {LENGTHS_OF[kind].map((length) => (
          <QuantityField
            key={length}
            label={mediaWords.create[length]}
            dimension="length"
            {...quantity(
              `size.${length}`,
              length === 'headspace' ? 'headspaceCm' : `shape.${length}Cm`,
            )}
          />
        ))}
        {kind !== 'bowl' && (
          <QuantityField
            label={words.fillerHigh}
            dimension="length"
            {...quantity('filler', 'fillerCm')}
          />
        )}
      </div>
      <div>
        <Button type="submit">{words.keepCorrection}</Button>
      </div>
      <ProblemNotice problem={problem} />
    </form>
  )
}

function valuesOf({ shape, headspaceCm }: PotPage): ContainerValues {
  const typed = (cm: number) => `${Math.round(cm * 10) / 10} cm`
  const lengths = Object.entries(shape).flatMap(([name, cm]) =>
    typeof cm === 'number' ? [[name.replace(/Cm$/, '') as LengthName, typed(cm)] as const] : [],
  )
  return {
    ...DEFAULT_LOT,
    ...Object.fromEntries(lengths),
    kind: shape.kind,
    headspace: typed(headspaceCm),
  }
}
