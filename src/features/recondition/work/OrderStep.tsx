import { useState } from 'react'
import type { Load, StepAmount, StepNote } from '../../../core/recondition'
import type { NamedThing } from '../../../messages/recondition/turnover'
import { Button } from '../../../ui/Button'
import { TextField } from '../../../ui/Field'
import type { Format } from '../../../ui/format'
import { Caution } from '../../../ui/Notice'
import { QuantityField } from '../../../ui/QuantityField'
import { useSite } from '../../../ui/SiteContext'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'
import { LoadsTable } from '../recipe/LoadsTable'
import styles from './OrderScreen.module.css'
import type { OrderSteps } from './useOrderSteps'
import { useTypedAmount } from './useTypedAmount'

const words = reconditionWords.order
/** The step that the loads belong to. */
const MEASURED_OUT = 'spread'

/** One step: a tick, what to do, amounts planned and really used, cautions where they matter. */
export function OrderStep({
  step,
  names,
  locked,
  leachLitres,
  loads,
  onTick,
  onActual,
}: {
  step: OrderSteps['steps'][number]
  names: Readonly<Record<string, NamedThing>>
  locked: boolean
  leachLitres: number
  loads: readonly Load[]
  onTick: (done: boolean, early?: string) => void
  onActual: (id: string, amount: number | null) => void
}) {
  const { format, site } = useSite()
  const { plan, doneOn, day } = step
  const [asksWhy, setAsksWhy] = useState(false)
  const overOn = plan.waitDays > 0 ? day.overOn : day.startsOn
  const isEarly = overOn > site.today
  const { title, how } = reconditionWords.steps[plan.kind]
  const tools = plan.tools.map((tool) => reconditionWords.tools[tool]).join(', ')
  return (
    <li data-step={step.id} className={`${styles.step} ${doneOn ? styles.done : ''}`}>
      {/* Beside the tick, where it moves nothing: the next tick may be on its way already. */}
      <span
        className={step.isWaiting ? `${styles.tick} ${styles.unsaved}` : styles.tick}
        title={step.isWaiting ? words.notSavedYet : undefined}
      >
        {step.isWaiting && <span className="visually-hidden">{words.notSavedYet}</span>}
        <input
          type="checkbox"
          aria-label={words.tick(title)}
          checked={doneOn !== null}
          disabled={locked}
          onChange={(event) => {
            if (event.target.checked && isEarly) setAsksWhy(true)
            else onTick(event.target.checked)
          }}
        />
      </span>
      <div className={styles.head}>
        <h2>{title}</h2>
        <span className={styles.meta}>
          {doneOn
            ? words.doneOn(format.day(doneOn))
            : [
                plan.waitDays > 0
                  ? words.overOn(format.day(day.overOn))
                  : words.fromDay(format.day(day.startsOn)),
                format.minutes(plan.minutes),
                tools,
              ]
                .filter(Boolean)
                .join(' · ')}
          {doneOn && step.earlyFor && ` · ${words.early(step.earlyFor)}`}
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
          {plan.skimCm !== undefined && (
            <strong>{words.skim(format.plain(format.cm(plan.skimCm)))} </strong>
          )}
          {plan.depthCm !== undefined && (
            <strong>{words.depth(format.plain(format.cm(plan.depthCm)))} </strong>
          )}
          {plan.heat && (
            <strong>
              {words.heat(format.number(plan.heat.tempC), format.number(plan.heat.minutes))}{' '}
            </strong>
          )}
          {plan.kind === 'leach' && (
            <strong>{words.leachAmount(format.plain(format.litres(leachLitres)))}.</strong>
          )}
          {plan.notes?.map((note) => (
            <strong key={note.id}>{noteText(note, format)} </strong>
          ))}
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
        {plan.kind === MEASURED_OUT && (
          <LoadsTable loads={loads} rows={loadRows(step.amounts, names, loads)} />
        )}
        {asksWhy && !doneOn && (
          <WhyEarly
            day={format.day(overOn)}
            onSaid={(reason) => {
              setAsksWhy(false)
              onTick(true, reason)
            }}
            onClose={() => setAsksWhy(false)}
          />
        )}
        {!doneOn && (
          <Caution lines={plan.cautions.map((caution) => reconditionWords.cautions[caution])} />
        )}
      </div>
    </li>
  )
}

function noteText(note: StepNote, format: Format): string {
  if (note.id === 'blocked') return reconditionWords.blocked(note.codes.join(', '))
  if (note.id !== 'not-waited') return reconditionWords.stepNotes[note.id]
  const { safeOn, waitFor } = note
  return reconditionWords.recipe.passedOver(format.day(safeOn), reconditionWords.risks[waitFor])
}

function loadRows(
  amounts: readonly StepAmount[],
  names: Readonly<Record<string, NamedThing>>,
  [first]: readonly Load[],
) {
  const old = amounts.find(({ role }) => role === 'lot')?.id
  return [...(first?.parts ?? []), ...(first?.doses ?? [])].map(({ id }) => ({
    id,
    name: id === old ? reconditionWords.recipe.oldMix : (names[id]?.name ?? id),
  }))
}

/** A wait is not ticked away without a reason. */
function WhyEarly({
  day,
  onSaid,
  onClose,
}: {
  day: string
  onSaid: (reason: string) => void
  onClose: () => void
}) {
  const [reason, setReason] = useState('')
  const [missing, setMissing] = useState(false)
  const say = () => {
    if (reason.trim() === '') setMissing(true)
    else onSaid(reason.trim())
  }
  return (
    <div className={styles.early}>
      <TextField
        label={words.whyEarly(day)}
        value={reason}
        error={missing && reason.trim() === '' ? words.sayWhy : undefined}
        autoFocus
        onChange={(event) => setReason(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && say()}
      />
      <Button onClick={say}>{words.tickEarly}</Button>
      <Button weight="quiet" onClick={onClose}>
        {words.waitOn}
      </Button>
    </div>
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
  const { format } = useSite()
  const dimension = amount.unit === 'L' ? 'volume' : 'mass'
  const written = (value: number) =>
    format.plain(amount.unit === 'L' ? format.litres(value) : format.grams(value))
  const kept = amount.actual === null ? '' : written(amount.actual)
  const { field, typed, type, send } = useTypedAmount(kept, dimension, onActual)
  const name = amount.role === 'lot' ? reconditionWords.recipe.oldMix : (thing?.name ?? amount.id)

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
            ref={field}
            label={words.actual(name)}
            hint={words.actualHint}
            dimension={dimension}
            typed={typed}
            value={typed}
            onChange={(event) => type(event.target.value)}
            onBlur={send}
            onKeyDown={(event) => event.key === 'Enter' && send()}
          />
        )}
      </td>
    </tr>
  )
}
