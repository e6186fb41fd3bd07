import { type FormEvent, useEffect, useRef, useState } from 'react'
import type { FieldValues } from 'react-hook-form'
import type { AnswerTo, AskedOf, Write } from '../request'
import { type Sending, useSend } from '../useSend'
import { type After, follow, type TypedForm, useFields } from './useForm'

/** Kept beside what is typed: that it was worked out, and what is done of it. */
interface Progress {
  readonly isLooked: boolean
  readonly ticks: readonly string[]
}

const BEGIN: Progress = { isLooked: false, ticks: [] }

export interface PlannedForm<Values extends FieldValues, Plan>
  extends TypedForm<Values & Progress>,
    Sending {
  /** What it takes; null until it was asked for what stands in the form. */
  readonly plan: Plan | null
  /** What Enter and the first key do: work it out, write nothing down. @param more typed for them */
  readonly look: (event?: FormEvent, more?: Partial<Values>) => void
  /** Writes it down. */
  readonly finish: () => void
  readonly onTick: (ticks: readonly string[]) => void
}

/**
 * Work that is looked at before it is done: what is typed, what it takes, its steps ticked one by one, and at the end it
 * is written down. After a reload it stands where it stood.
 */
export function usePlanned<Name extends Write, Values extends FieldValues, Plan>(
  name: Name,
  {
    draft,
    begin,
    restsOn,
    asked,
    planOf,
    taken,
  }: {
    readonly draft: string
    readonly begin: Values
    /** What the plan is worked out of: where it is changed, the plan goes. */
    readonly restsOn: readonly (keyof Values & string)[]
    /** @returns null where something typed cannot be read: its field says so */
    readonly asked: (values: Values, check: boolean) => AskedOf<Name> | null
    readonly planOf: (answer: AnswerTo<Name>) => Plan
    readonly taken: (answer: AnswerTo<Name>, values: Values) => After
  },
): PlannedForm<Values, Plan> {
  const sending = useSend()
  const fields = useFields<Values & Progress>(draft, { ...begin, ...BEGIN }, sending.errorOf)
  const { form, change, throwAway } = fields
  const [plan, setPlan] = useState<Plan | null>(null)
  const rests = useRef(restsOn)
  const send = async (check: boolean) => {
    const values = form.getValues()
    const said = sending.isSending ? null : asked(values, check)
    if (!said) return
    const answer = await sending.deliver(name, said)
    if (!answer) return
    if (check) {
      setPlan(planOf(answer.data))
      change({ isLooked: true } as Partial<Values & Progress>)
      return
    }
    throwAway()
    follow(taken(answer.data, values))
  }
  const sendNow = useRef(send)
  sendNow.current = send
  const { isLooked } = fields.values
  useEffect(() => {
    if (isLooked && !plan) void sendNow.current(true)
  }, [isLooked, plan])
  useEffect(() => {
    const { unsubscribe } = form.watch((_, { name: changed }) => {
      if (!changed || !rests.current.includes(changed) || !form.getValues().isLooked) return
      // What was worked out belongs to other numbers now.
      change({ isLooked: false } as Partial<Values & Progress>)
      setPlan(null)
    })
    return unsubscribe
  }, [form, change])
  return {
    ...sending,
    ...fields,
    plan,
    look: (event, more) => {
      event?.preventDefault()
      if (more) change(more as Partial<Values & Progress>)
      void send(true)
    },
    finish: () => void send(false),
    onTick: (ticks) => change({ ticks } as Partial<Values & Progress>),
  }
}
