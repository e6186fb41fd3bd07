import { useMemo } from 'react'
import { useFieldArray } from 'react-hook-form'
import { containerVolume } from '../../core/containers'
import type { LotPage } from '../../messages/media/lots'
import type { SiteView } from '../../messages/site/site'
import { Button } from '../../ui/Button'
import { Choice, SelectField, TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { QuantityField } from '../../ui/QuantityField'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { exposures } from '../../ui/texts/exposures'
import { media as mediaWords } from '../../ui/texts/media'
import { showToastOnNextPage } from '../../ui/toast'
import { useDraft } from '../../ui/useDraft'
import { useSend } from '../../ui/useSend'
import { useValues } from '../../ui/useValues'
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
  const form = useValues<LotValues>(DEFAULT_LOT)
  const throwAway = useDraft(
    'new-lot',
    form,
    useMemo(() => DEFAULT_LOT, []),
  )
  const parts = useFieldArray({ control: form.control, name: 'components' })
  const values = form.watch()
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
      <form className={styles.form} onSubmit={save} noValidate>
        <div className={styles.row}>
          <TextField
            label={words.name}
            hint={words.nameHint}
            error={errorOf('name')}
            {...form.register('name')}
          />
          <TextField label={words.place} error={errorOf('place')} {...form.register('place')} />
        </div>
        <Choice
          label={words.origin}
          options={Object.entries(words.origins).map(([value, label]) => ({ value, label }))}
          {...form.register('origin')}
        />
        <TextField
          label={words.years}
          hint={words.yearsHint}
          inputMode="decimal"
          error={errorOf('years')}
          {...form.register('years')}
        />
        <Choice
          label={words.inWhat}
          options={Object.entries(words.shapes).map(([value, label]) => ({ value, label }))}
          {...form.register('kind')}
        />
        {lengths.length > 0 && (
          <div className={styles.row}>
            {lengths.map((name) => (
              <QuantityField
                key={name}
                label={words[name]}
                hint={words.lengthHint}
                dimension="length"
                typed={values[name]}
                error={errorOf(
                  name === 'headspace' ? 'container.headspaceCm' : `container.shape.${name}Cm`,
                )}
                {...form.register(name)}
              />
            ))}
            <TextField
              label={words.count}
              inputMode="numeric"
              error={errorOf('container.count')}
              {...form.register('count')}
            />
            <SelectField
              label={words.exposure}
              hint={words.exposureHint}
              error={errorOf('container.exposure')}
              {...form.register('exposure')}
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
          {parts.fields.map((field, index) => (
            <div key={field.id} className={styles.part}>
              <SelectField
                label={words.material(index + 1)}
                error={errorOf(`components.${index}.materialId`)}
                {...form.register(`components.${index}.materialId`)}
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
                typed={values.components[index]?.litres ?? ''}
                error={errorOf(`components.${index}.litres`)}
                {...form.register(`components.${index}.litres`)}
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
