import { useState } from 'react'
import { HOW_PLANTED } from '../../../core/season'
import { TRIAL_LIGHTS } from '../../../core/trials'
import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { Button } from '../../../ui/Button'
import { Choice, SelectField, TextField } from '../../../ui/Field'
import { useSite } from '../../../ui/SiteContext'
import { newTrial } from '../../../ui/texts/trials/newTrial'
import { trialWords } from '../../../ui/texts/trials/trialWords'
import { potsNeeded, usablePots } from './designOfForm'
import styles from './NewTrial.module.css'
import { sowsAny } from './trialValues'
import type { NewTrialForm } from './useNewTrial'

const words = newTrial.pots

/** What grows, how many pots, which, and how they are spread. */
export function PotsPart({
  page,
  form,
}: {
  readonly page: NewTrialPage
  readonly form: NewTrialForm
}) {
  const { values, change, field } = form
  const isSide = values.kind === 'side-by-side'
  const sows = sowsAny(values)
  return (
    <section aria-labelledby="pots" className={styles.part}>
      <h2 id="pots">{words.head}</h2>
      {isSide && <CropChoice page={page} form={form} />}
      <div className={styles.fields}>
        {!isSide && sows && (
          <SelectField label={words.crop} {...field('cropId')}>
            <option value="">{words.chooseCrop}</option>
            {page.crops.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </SelectField>
        )}
        {sows && (
          <TextField
            label={words.perPot}
            hint={words.perPotHint}
            inputMode="numeric"
            {...field('perPot')}
          />
        )}
        <TextField
          label={isSide ? words.countSide : words.count}
          inputMode="numeric"
          {...field('pots')}
        />
        <TextField label={words.place} suggestions={page.places} {...field('place')} />
      </div>
      {sows && (
        <Choice
          label={words.how}
          options={HOW_PLANTED.map((value) => ({ value, label: trialWords.hows[value] }))}
          {...field('how')}
        />
      )}
      {sows && values.how === 'sown' && <SeedFields form={form} />}
      <WhichPots page={page} form={form} />
      {!isSide && (
        <Choice
          label={words.blocks}
          name="blocks"
          options={[
            { value: 'blocks', label: words.inBlocks },
            { value: 'random', label: words.atRandom },
          ]}
          isChosen={(value) => (value === 'blocks') === values.blocks}
          onChange={(event) => change({ blocks: event.target.value === 'blocks' })}
        />
      )}
      <Choice
        label={words.blind}
        name="blind"
        options={[
          { value: 'blind', label: words.blindYes },
          { value: 'open', label: words.blindNo },
        ]}
        isChosen={(value) => (value === 'blind') === values.isBlind}
        onChange={(event) => change({ isBlind: event.target.value === 'blind' })}
      />
    </section>
  )
}

/** Crops one by one: the list of all is long. */
function CropChoice({
  page,
  form: { values, change, errorOf },
}: {
  readonly page: NewTrialPage
  readonly form: NewTrialForm
}) {
  const [next, setNext] = useState('')
  const chosen = page.crops.filter(({ id }) => values.crops.includes(id))
  const add = () => {
    if (next === '') return
    change({ crops: [...values.crops, next] })
    setNext('')
  }
  return (
    <>
      <div className={styles.adding}>
        <SelectField
          label={words.addCrop}
          value={next}
          error={errorOf('crops')}
          onChange={(event) => setNext(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return
            event.preventDefault()
            add()
          }}
        >
          <option value="">{words.chooseCrop}</option>
          {page.crops
            .filter(({ id }) => !values.crops.includes(id))
            .map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
        </SelectField>
        <Button onClick={add}>{words.addIt}</Button>
      </div>
      {chosen.length === 0 ? (
        <p className={styles.quiet}>{words.cropsHint(0)}</p>
      ) : (
        <Choice
          kind="checkbox"
          label={words.crops}
          hint={words.cropsHint(chosen.length)}
          name="crops"
          options={chosen.map(({ id, name }) => ({ value: id, label: name }))}
          isChosen={() => true}
          onChange={(event) => {
            const { value } = event.target
            change({ crops: values.crops.filter((one) => one !== value) })
          }}
        />
      )}
    </>
  )
}

/** How seeds are treated: alike in every pot, or the trial tells of that instead. */
function SeedFields({ form: { values, change, field } }: { readonly form: NewTrialForm }) {
  return (
    <fieldset className={styles.treatment}>
      <legend>{words.seeds}</legend>
      <div className={styles.fields}>
        <TextField
          label={words.presoak}
          hint={words.presoakHint}
          inputMode="decimal"
          {...field('presoak', 'protocol.presoakHours')}
        />
        <TextField
          label={words.depth}
          inputMode="decimal"
          {...field('depth', 'protocol.depthCm')}
        />
      </div>
      <div className={styles.choices}>
        <Choice
          label={words.water}
          name="water"
          options={[
            { value: 'below', label: words.fromBelow },
            { value: 'above', label: words.fromAbove },
          ]}
          isChosen={(value) => (value === 'below') === values.bottomWater}
          onChange={(event) => change({ bottomWater: event.target.value === 'below' })}
        />
        <Choice
          label={words.light}
          options={TRIAL_LIGHTS.map((value) => ({ value, label: trialWords.lights[value] }))}
          {...field('light')}
        />
      </div>
    </fieldset>
  )
}

/** New ones of one size, or pots that stand free. */
function WhichPots({
  page,
  form: { values, change, field, errorOf },
}: {
  readonly page: NewTrialPage
  readonly form: NewTrialForm
}) {
  const { format } = useSite()
  const litres = (value: number) => format.plain(format.litres(value))
  const pots = usablePots(values, page)
  return (
    <>
      <Choice
        label={words.which}
        name="which"
        options={[
          { value: 'new', label: words.whichNew },
          { value: 'own', label: words.whichOwn },
        ]}
        isChosen={(value) => (value === 'own') === values.isOwn}
        onChange={(event) => change({ isOwn: event.target.value === 'own' })}
      />
      {values.isOwn ? (
        pots.length === 0 ? (
          <p>{words.ownNone}</p>
        ) : (
          <Choice
            kind="checkbox"
            label={words.own}
            hint={words.ownHint(values.potIds.length, potsNeeded(values))}
            name="own"
            error={errorOf('potIds')}
            options={pots.map((pot) => ({
              value: String(pot.id),
              label: pot.code,
              note: `${pot.name} · ${litres(pot.litres)} · ${pot.lotName ?? words.ownEmpty}`,
            }))}
            isChosen={(value) => values.potIds.includes(Number(value))}
            onChange={(event) => {
              const { value, checked } = event.target
              const others = values.potIds.filter((one) => one !== Number(value))
              change({ potIds: checked ? [...others, Number(value)] : others })
            }}
          />
        )
      ) : (
        <div className={styles.fields}>
          <SelectField label={words.size} {...field('size', 'potSize')}>
            {page.sizes.map((size) => (
              <option key={size.name} value={size.name}>
                {words.sizeOption(size.name, litres(size.litres))}
              </option>
            ))}
          </SelectField>
        </div>
      )}
    </>
  )
}
