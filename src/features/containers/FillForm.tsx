import { useState } from 'react'
import type { FillAnswer, FillPlan, FillPot } from '../../messages/containers/fillPot'
import type { PotPage } from '../../messages/containers/potViews'
import { Button } from '../../ui/Button'
import { SelectField, TextField } from '../../ui/Field'
import { Caution, Notice, ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { filling as words } from '../../ui/texts/filling'
import { showToastOnNextPage } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import styles from './Fill.module.css'
import { HolesPicture } from './HolesPicture'

/** An empty pot prepared and filled: what it takes is worked out before anything is written down. */
export function FillForm({ page }: { readonly page: PotPage }) {
  const { site, format } = useSite()
  const { problem, errorOf, isSending, deliver } = useSend()
  const [source, setSource] = useState('')
  const [litres, setLitres] = useState('')
  const [name, setName] = useState('')
  const [plan, setPlan] = useState<FillPlan | null>(null)
  const amount = readQuantity(litres, 'volume', site.measures)
  const told = (value: number) => format.plain(format.litres(value))
  const choices = page.fill
  if (!choices) return null
  const fits = problem?.code === 'too-much' ? Number(problem.current?.fits) : 0

  const send = async (check: boolean, exactly?: number) => {
    if (isSending || amount.problem) return
    const body = {
      source: sourceOf(source),
      litres: exactly ?? amount.value,
      name,
      check,
    }
    const answer = await deliver<FillAnswer>('POST', `/api/containers/${page.id}/fill`, body)
    if (!answer) return
    if (check) {
      setPlan(answer.data.plan)
      return
    }
    showToastOnNextPage({ text: words.filled(told(answer.data.plan.settledLitres)) })
    window.location.reload()
  }
  const change = <Value,>(set: (value: Value) => void) => {
    return (value: Value) => {
      set(value)
      setPlan(null)
    }
  }
  const chooseSource = change(setSource)
  const typeLitres = change(setLitres)

  return (
    <section aria-labelledby="fill" className={styles.fill}>
      <h2 id="fill">{words.title}</h2>
      <form
        className={styles.fields}
        onSubmit={(event) => {
          event.preventDefault()
          void send(true)
        }}
        noValidate
      >
        <SelectField
          label={words.source}
          value={source}
          error={errorOf('source')}
          onChange={(event) => chooseSource(event.target.value)}
        >
          <option value="">{words.choose}</option>
          {choices.lots.length > 0 && (
            <optgroup label={words.groups.lot}>
              {choices.lots.map((lot) => (
                <option key={lot.id} value={`lot:${lot.id}`}>
                  {words.lotOption(lot.name, told(lot.litres))}
                </option>
              ))}
            </optgroup>
          )}
          {choices.mixes.length > 0 && (
            <optgroup label={words.groups.mix}>
              {choices.mixes.map((mix) => (
                <option key={mix.id} value={`mix:${mix.id}`}>
                  {mix.name}
                </option>
              ))}
            </optgroup>
          )}
          <optgroup label={words.groups.bag}>
            {choices.bags.map((bag) => (
              <option key={bag.id} value={`bag:${bag.id}`}>
                {bag.name}
              </option>
            ))}
          </optgroup>
        </SelectField>
        <QuantityField
          label={words.litres}
          hint={words.litresHint}
          dimension="volume"
          typed={litres}
          value={litres}
          error={errorOf('litres')}
          onChange={(event) => typeLitres(event.target.value)}
        />
        <TextField
          label={words.name}
          hint={words.nameHint(`${page.name} ${page.code}`)}
          value={name}
          error={errorOf('name')}
          onChange={(event) => setName(event.target.value)}
        />
        <div className={styles.keys}>
          <Button type="submit" weight={plan ? 'plain' : 'main'} disabled={isSending}>
            {words.look}
          </Button>
        </div>
      </form>
      <ProblemNotice problem={problem} />
      {fits > 0 && (
        <p>
          <Button
            onClick={() => {
              const most = Math.floor(fits * 10) / 10
              setLitres(`${most} L`)
              void send(true, most)
            }}
          >
            {words.take(told(Math.floor(fits * 10) / 10))}
          </Button>
        </p>
      )}
      {plan && (
        <>
          <Steps page={page} plan={plan} />
          <div className={styles.keys}>
            <Button weight="main" disabled={isSending} onClick={() => void send(false)}>
              {words.done}
            </Button>
          </div>
        </>
      )}
    </section>
  )
}

function Steps({ page, plan }: { readonly page: PotPage; readonly plan: FillPlan }) {
  const { format } = useSite()
  const told = (value: number) => format.plain(format.litres(value))
  const { steps } = words
  return (
    <div className={styles.plan}>
      {plan.isDoubtful && <Notice tone="act">{words.doubtful}</Notice>}
      <HolesPicture shape={page.shape} holes={plan.holes} />
      <ol className={styles.steps}>
        <li>
          {steps.holes(plan.holes.count, plan.holes.diameterMm)}
          <Caution lines={[{ short: steps.drill }]} />
        </li>
        <li>
          {steps.wash}
          <Caution lines={[{ short: steps.disinfect }]} />
        </li>
        <li>
          {steps.mesh} <a href="/mixes/layers">{steps.stones}</a>
        </li>
        <li>{steps.feet}</li>
        <li>
          {plan.parts.length === 0 ? (
            steps.take(told(plan.litres))
          ) : (
            <>
              {steps.measure(told(plan.litres))}
              <ul className={styles.parts}>
                {plan.parts.map(({ name, litres }) => (
                  <li key={name}>
                    <span>{name}</span> <strong>{told(litres)}</strong>
                  </li>
                ))}
              </ul>
            </>
          )}
        </li>
        <li>{steps.fill(told(plan.litres), told(plan.topUpLitres))}</li>
        <li>
          {steps.topUp(
            told(plan.topUpLitres),
            format.plain(format.cm(plan.headspaceCm)),
            told(plan.settledLitres),
          )}
        </li>
        <li>{steps.plant}</li>
        <li>{steps.emitters(plan.emitters)}</li>
      </ol>
      <p className={styles.note}>
        {words.why(
          plan.volumeYield === null ? null : format.plain(format.percent(plan.volumeYield)),
        )}
      </p>
    </div>
  )
}

function sourceOf(chosen: string): FillPot['source'] | undefined {
  const [kind, id = ''] = chosen.split(':')
  switch (kind) {
    case 'lot':
      return { kind, lotId: Number(id) }
    case 'mix':
      return { kind, mixId: Number(id) }
    case 'bag':
      return { kind, materialId: id }
    default:
      return undefined
  }
}
