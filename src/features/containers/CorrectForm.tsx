import type { ContainerShape } from '../../core/containers'
import type { PotPage } from '../../messages/containers/potViews'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { containers as words } from '../../ui/texts/containers'
import { exposures } from '../../ui/texts/exposures'
import { media as mediaWords } from '../../ui/texts/media'
import { showToastOnNextPage } from '../../ui/toast'
import { useKept } from '../../ui/useKept'
import { useSend } from '../../ui/useSend'
import {
  type ContainerValues,
  DEFAULT_LOT,
  LENGTHS_OF,
  type LengthName,
  typedContainer,
} from '../media/newLotValues'
import styles from './Pots.module.css'

type Kind = ContainerShape['kind']

/** The pot as it really is: its code, place and size; what follows for its mix is told. */
export function CorrectForm({ page }: { readonly page: PotPage }) {
  const { site, format } = useSite()
  const { problem, errorOf, isSending, deliver } = useSend()
  // Another version is another pot: what was typed of an older one would put it back.
  const kept = useKept(`correct/${page.id}/${page.version}`, {
    code: page.code,
    name: page.name,
    place: page.place,
    exposure: page.exposure as string,
    size: valuesOf(page) as ContainerValues,
    filler: page.fillerCm > 0 ? `${page.fillerCm} cm` : '',
  })
  const { code, name, place, exposure, size: values, filler } = kept.values
  const height = readQuantity(filler, 'length', site.measures)
  const kind = values.kind as Kind

  const save = async (event: React.FormEvent) => {
    event.preventDefault()
    if (isSending || height.problem) return
    const typed = typedContainer(values, site.measures)
    const answer = await deliver('PATCH /api/containers/[id]', {
      params: { id: page.id },
      body: {
        code,
        name,
        place,
        exposure,
        shape: typed?.shape,
        headspaceCm: typed?.headspaceCm,
        fillerCm: height.value ?? 0,
        version: page.version,
      },
    })
    if (!answer) return
    kept.throwAway()
    const { litres, air } = answer.data
    showToastOnNextPage({
      text: words.corrected(
        code,
        format.plain(format.litres(litres)),
        air === null ? null : format.plain(format.percent(air)),
      ),
    })
    window.location.reload()
  }

  return (
    <form className={styles.form} onSubmit={(event) => void save(event)} noValidate>
      <div className={styles.fields}>
        <TextField
          label={words.code}
          value={code}
          error={errorOf('code')}
          onChange={(event) => kept.change({ code: event.target.value })}
        />
        <TextField
          label={words.name}
          value={name}
          error={errorOf('name')}
          onChange={(event) => kept.change({ name: event.target.value })}
        />
        <TextField
          label={words.place}
          suggestions={page.places}
          value={place}
          error={errorOf('place')}
          onChange={(event) => kept.change({ place: event.target.value })}
        />
        <SelectField
          label={mediaWords.create.exposure}
          hint={mediaWords.create.exposureHint}
          value={exposure}
          error={errorOf('exposure')}
          onChange={(event) => kept.change({ exposure: event.target.value })}
        >
          {Object.entries(exposures).map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </SelectField>
        <SelectField
          label={words.form}
          value={kind}
          onChange={(event) =>
            kept.change({ size: { ...values, kind: event.target.value as Kind } })
          }
        >
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
            typed={values[length]}
            value={values[length]}
            error={errorOf(length === 'headspace' ? 'headspaceCm' : `shape.${length}Cm`)}
            onChange={(event) => kept.change({ size: { ...values, [length]: event.target.value } })}
          />
        ))}
        {kind !== 'bowl' && (
          <QuantityField
            label={words.fillerHigh}
            dimension="length"
            typed={filler}
            value={filler}
            error={errorOf('fillerCm')}
            onChange={(event) => kept.change({ filler: event.target.value })}
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
