import { useFieldArray } from 'react-hook-form'
import { containerVolume } from '../../core/containers'
import type { LotPage } from '../../messages/media/lotViews'
import type { SiteView } from '../../messages/site/site'
import { Button } from '../../ui/Button'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { useFields } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { QuantityField } from '../../ui/QuantityField'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { exposures } from '../../ui/texts/containers/exposures'
import { media as mediaWords } from '../../ui/texts/media/media'
import { showToastOnNextPage } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import styles from './NewLotScreen.module.css'
import { bodyOf, DEFAULT_LOT, LENGTHS_OF, type LotValues, shapeOf } from './newLotValues'

type Materials = LotPage['materials']

export default function NewLotScreen({
  materials,
  site,
}: {
  materials: Materials
  site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <NewLot materials={materials} />
    </SiteProvider>
  )
}

function NewLot({ materials }: { materials: Materials }) {
  const { site, format } = useSite()
  const words = mediaWords.create
  const { problem, errorOf, deliver } = useSend()
  const { form, values, field, quantity, throwAway } = useFields<LotValues>(
    'new-lot',
    DEFAULT_LOT,
    errorOf,
  )
  const parts = useFieldArray({ control: form.control, name: 'components' })
  const lengths = LENGTHS_OF[values.kind]

  const saveWith = async (typed: LotValues, rest?: 'store') => {
    const body = { ...bodyOf(typed, site.measures), ...(rest ? { rest } : {}) }
    const answer = await deliver('POST /api/media/lots', { body })
    if (!answer) return
    throwAway()
    const { id, restId } = answer.data
    if (restId !== null) showToastOnNextPage({ text: words.restKept(typed.name) })
    window.location.assign(`/lots/${id}`)
  }
  const save = form.handleSubmit((typed) => saveWith(typed))
  const rest = problem?.code === 'too-much' ? Number(problem.current?.rest) : 0

  return (
    <>
      <PageHead title={words.title} lead={words.lead} />
      <form data-paper className={styles.form} onSubmit={save} noValidate>
        <div className={styles.row}>
          <TextField label={words.name} hint={words.nameHint} {...field('name')} />
          <TextField label={words.place} {...field('place')} />
        </div>
        <Choice
          label={words.origin}
          options={Object.entries(words.origins).map(([value, label]) => ({ value, label }))}
          {...field('origin')}
        />
        <TextField
          label={words.years}
          hint={words.yearsHint}
          inputMode="decimal"
          {...field('years')}
        />
        <Choice
          label={words.inWhat}
          options={Object.entries(words.shapes).map(([value, label]) => ({ value, label }))}
          {...field('kind')}
        />
        {lengths.length > 0 && (
          <div className={styles.row}>
            {lengths.map((name) => (
              <QuantityField
                key={name}
                label={words[name]}
                hint={words.lengthHint}
                dimension="length"
                {...quantity(
                  name,
                  name === 'headspace' ? 'container.headspaceCm' : `container.shape.${name}Cm`,
                )}
              />
            ))}
            <TextField
              label={words.count}
              inputMode="numeric"
              {...field('count', 'container.count')}
            />
            <SelectField
              label={words.exposure}
              hint={words.exposureHint}
              {...field('exposure', 'container.exposure')}
            >
              {Object.entries(exposures).map(([value, label]) => (
                <option key={value} value={value}>
                  {label}
                </option>
              ))}
            </SelectField>
          </div>
        )}
        <Holds values={values} />
        <fieldset className={styles.parts}>
          <legend>
            <h2>{words.contents}</h2>
          </legend>
          {parts.fields.map((row, index) => (
            <div key={row.id} className={styles.part}>
              <SelectField
                label={words.material(index + 1)}
                {...field(`components.${index}.materialId`)}
              >
                <option value="">{mediaWords.page.chooseMaterial}</option>
                {materials.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </SelectField>
              <QuantityField
                label={words.litres}
                dimension="volume"
                {...quantity(`components.${index}.litres`)}
              />
              {parts.fields.length > 1 && (
                <Button
                  weight="quiet"
                  aria-label={words.removeMaterial(index + 1)}
                  onClick={() => parts.remove(index)}
                >
                  ✕
                </Button>
              )}
            </div>
          ))}
          <div>
            <Button onClick={() => parts.append({ materialId: '', litres: '' })}>
              {words.addMaterial}
            </Button>
          </div>
        </fieldset>
        <ProblemNotice problem={problem} />
        <div className={styles.foot}>
          <Button type="submit" weight="main">
            {words.save}
          </Button>
          {rest > 0 && (
            <Button onClick={form.handleSubmit((typed) => saveWith(typed, 'store'))}>
              {words.keepRest(format.plain(format.litres(rest)))}
            </Button>
          )}
          <Button
            weight="quiet"
            onClick={() => {
              throwAway()
              window.location.assign('/lots')
            }}
          >
            {words.throwAway}
          </Button>
        </div>
      </form>
    </>
  )
}

/** How much the containers hold, as soon as the dimensions make sense. */
function Holds({ values }: { values: LotValues }) {
  const { site, format } = useSite()
  const described = shapeOf(values, site.measures)
  if (!described) return null
  const { shape, headspaceCm, count } = described
  const fillHeightCm = shape.heightCm - headspaceCm
  if (!(fillHeightCm > 0) || !(count > 0)) return null
  const litres = containerVolume({ shape, fillHeightCm })
  return (
    <p>
      {mediaWords.create.holds(
        format.plain(format.litres(litres)),
        format.plain(format.litres(litres * count)),
        count,
      )}
    </p>
  )
}
