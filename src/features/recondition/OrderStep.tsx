import { useEffect, useRef, useState } from 'react'
import type { StepAmount } from '../../core/recondition'
import type { NamedThing, OrderStepView } from '../../messages/recondition/turnover'
import { Caution } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { recondition as reconditionWords } from '../../ui/texts/recondition'
import styles from './OrderScreen.module.css'

const words = reconditionWords.order

/** One step: a tick, what to do, amounts planned and really used, cautions where they matter. */
export function OrderStep({
  step,
  names,
  locked,
  leachLitres,
  onTick,
  onActual,
}: {
  step: OrderStepView
  names: Readonly<Record<string, NamedThing>>
  locked: boolean
  leachLitres: number
  onTick: (done: boolean) => void
  onActual: (id: string, amount: number | null) => void
}) {
  const { format } = useSite()
  const { plan, doneOn } = step
  const { title, how } = reconditionWords.steps[plan.kind]
  const tools = plan.tools.map((tool) => reconditionWords.tools[tool]).join(', ')
  return (
    <li className={`${styles.step} ${doneOn ? styles.done : ''}`}>
      <span className={styles.tick}>
        <input
          type="checkbox"
          aria-label={words.tick(title)}
          checked={doneOn !== null}
          disabled={locked}
          onChange={(event) => onTick(event.target.checked)}
        />
      </span>
      <div className={styles.head}>
        <h2>{title}</h2>
        <span className={styles.meta}>
          {doneOn ? words.doneOn(format.day(doneOn)) : words.minutes(plan.minutes)}
          {!doneOn && tools && ` · ${tools}`}
        </span>
      </div>
      <div className={styles.body}>
        <p>
          {how}{' '}
          {plan.waitFor && (
            <strong>
              {words.waitUntil(plan.waitDays, reconditionWords.waits[plan.waitFor])}.{' '}
            </strong>
          )}
          {plan.kind === 'leach' && (
            <strong>{words.leachAmount(format.plain(format.litres(leachLitres)))}.</strong>
          )}
        </p>
        {step.amounts.length > 0 && (
          <table className={styles.amounts}>
            <thead>
              <tr>
                <th>
                  {reconditionWords.recipe[plan.kind === 'powders' ? 'weighIn' : 'measureOut']}
                </th>
                <th>{words.planned}</th>
                <th>{words.really}</th>
              </tr>
            </thead>
            <tbody>
              {step.amounts.map((amount) => (
                <AmountRow
                  key={amount.id}
                  amount={amount}
                  thing={names[amount.id]}
                  locked={locked}
                  onActual={(value) => onActual(amount.id, value)}
                />
              ))}
            </tbody>
          </table>
        )}
        {!doneOn && (
          <Caution lines={plan.cautions.map((caution) => reconditionWords.cautions[caution])} />
        )}
      </div>
    </li>
  )
}

function AmountRow({
  amount,
  thing,
  locked,
  onActual,
}: {
  amount: StepAmount
  thing: NamedThing | undefined
  locked: boolean
  onActual: (value: number | null) => void
}) {
  const { site, format } = useSite()
  const dimension = amount.unit === 'L' ? 'volume' : 'mass'
  const written = (value: number) =>
    format.plain(amount.unit === 'L' ? format.litres(value) : format.grams(value))
  const kept = amount.actual === null ? '' : written(amount.actual)
  const [typed, setTyped] = useState(kept)
  useEffect(() => setTyped(kept), [kept])
  const name = amount.role === 'lot' ? reconditionWords.recipe.oldMix : (thing?.name ?? amount.id)

  // A refused text must not be sent again when the field loses the focus to the refusal.
  const sent = useRef<string | null>(null)
  const keep = () => {
    const text = typed.trim()
    const { value, problem } = readQuantity(text, dimension, site.measures)
    if (problem || text === kept || text === sent.current) return
    sent.current = text
    onActual(value)
  }

  return (
    <tr>
      <td>
        <strong>{name}</strong>
        <span className={styles.small}>{reconditionWords.roles[amount.role]}</span>
      </td>
      <td>
        {written(amount.planned)}
        {amount.unit === 'L' && <span className={styles.small}>{amount.text}</span>}
      </td>
      <td className={styles.actual}>
        {locked ? (
          kept || words.asPlanned
        ) : (
          <QuantityField
            label={words.actual(name)}
            hint={words.actualHint}
            dimension={dimension}
            typed={typed}
            value={typed}
            onChange={(event) => {
              sent.current = null
              setTyped(event.target.value)
            }}
            onBlur={keep}
            onKeyDown={(event) => event.key === 'Enter' && keep()}
          />
        )}
      </td>
    </tr>
  )
}
