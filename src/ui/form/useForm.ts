import { type FormEvent, useCallback, useRef } from 'react'
import type { DefaultValues, FieldValues, Path, UseFormReturn } from 'react-hook-form'
import type { Refusal } from '../Field'
import type { AnswerTo, AskedOf, Write } from '../request'
import { showToastOnNextPage, type Toast } from '../toast'
import { type Sending, useSend } from '../useSend'
import { useDraft } from './useDraft'
import { useValues } from './useValues'

/** What follows once it was taken: what is said, and the page that says it; without an address, this one anew. */
export interface After extends Partial<Toast> {
  readonly to?: string
}

/** What a field is given: what stands in it, and what was refused of it. */
export interface FieldProps extends ReturnType<UseFormReturn['register']> {
  readonly error: Refusal | undefined
}

/** What stands in a form: as it is typed, kept in this browser. */
export interface TypedForm<Values extends FieldValues> {
  /** For lists of rows, and to set what is not typed. */
  readonly form: UseFormReturn<Values>
  readonly values: Values
  readonly change: (more: Partial<Values>) => void
  /**
   * A field, a choice of chips or a row of boxes.
   * @param refusedAs the fields of the message that name it, where it is not its own name
   */
  readonly field: (name: Path<Values>, ...refusedAs: string[]) => FieldProps
  /** A quantity with its unit, as it is typed. */
  readonly quantity: (
    name: Path<Values>,
    ...refusedAs: string[]
  ) => FieldProps & { readonly typed: string }
  /** Once it was taken: the next time the form begins anew. */
  readonly throwAway: () => void
}

export interface Form<Values extends FieldValues> extends TypedForm<Values>, Sending {
  /** What Enter and the main key do. */
  readonly submit: (event?: FormEvent) => void
}

/**
 * The fields of a form: server-rendered as they stand, kept in this browser as they are typed.
 * @param draft one a form and thing, such as "plant/3"; null keeps nothing
 */
export function useFields<Values extends FieldValues>(
  draft: string | null,
  begin: Values,
  errorOf: Sending['errorOf'] = () => undefined,
): TypedForm<Values> {
  const first = useRef(begin)
  const form = useValues<Values>(first.current as DefaultValues<Values>)
  const throwAway = useDraft(draft, form, first.current)
  const values = form.watch()
  const field: TypedForm<Values>['field'] = (name, ...refusedAs) => ({
    ...form.register(name),
    error: (refusedAs.length > 0 ? refusedAs : [name])
      .map(errorOf)
      .find((refused) => refused !== undefined),
  })
  const change = useCallback(
    (more: Partial<Values>) => {
      for (const [name, value] of Object.entries(more)) {
        form.setValue(name as Path<Values>, value, { shouldDirty: true })
      }
    },
    [form],
  )
  return {
    form,
    values,
    throwAway,
    field,
    change,
    quantity: (name, ...refusedAs) => ({
      ...field(name, ...refusedAs),
      typed: String(form.getValues(name) ?? ''),
    }),
  }
}

/**
 * A form that asks for an operation: what is typed survives a reload, what is refused stands at its field, and what was
 * taken is said on the page that follows.
 */
export function useForm<Name extends Write, Values extends FieldValues>(
  name: Name,
  {
    draft,
    begin,
    asked,
    taken,
  }: {
    /** One a form and thing, such as "plant/3"; null keeps nothing. */
    readonly draft: string | null
    readonly begin: Values
    /** null where something typed cannot be read: its field says so. */
    readonly asked: (values: Values) => AskedOf<Name> | null
    /** @returns what follows; nothing where the page stays as it is */
    readonly taken: (answer: AnswerTo<Name>, values: Values) => After | undefined
  },
): Form<Values> {
  const sending = useSend()
  const fields = useFields(draft, begin, sending.errorOf)
  const { form, throwAway } = fields
  const go = async () => {
    const values = form.getValues()
    const said = sending.isSending ? null : asked(values)
    if (!said) return
    const answer = await sending.deliver(name, said)
    if (!answer) return
    throwAway()
    follow(taken(answer.data, values))
  }
  return {
    ...sending,
    ...fields,
    submit: (event) => {
      event?.preventDefault()
      void go()
    },
  }
}

/** Goes on to what follows. */
export function follow(after: After | undefined): void {
  if (!after) return
  const { to, text, undo } = after
  if (text !== undefined) showToastOnNextPage({ text, ...(undo && { undo }) })
  if (to === undefined) window.location.reload()
  else window.location.assign(to)
}
