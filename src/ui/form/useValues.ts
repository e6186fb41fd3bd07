import { useMemo, useRef } from 'react'
import {
  type DefaultValues,
  type FieldValues,
  type UseFormRegister,
  type UseFormReturn,
  useForm,
} from 'react-hook-form'
import { useReady } from '../useReady'

/**
 * A form of fields that keep themselves what is typed. What it stands at is written by the server too: else every
 * field would be empty, and every choice on its first entry, until the page's script has come.
 * @param defaultValues by the names of the fields, the same object each time
 */
export function useValues<Values extends FieldValues>(
  defaultValues: DefaultValues<Values>,
): UseFormReturn<Values> {
  const form = useForm<Values>({ defaultValues })
  const ready = useRef(false)
  ready.current = useReady()
  return useMemo(() => {
    const register: UseFormRegister<Values> = (name, options) => {
      const registered = form.register(name, options)
      // From now on the fields are the form's own.
      if (ready.current) return registered
      return {
        ...registered,
        ref: (element: unknown) => {
          forgetWrittenChoice(element)
          registered.ref(element)
        },
        defaultValue: form.getValues(name),
      }
    }
    return { ...form, register }
  }, [form])
}

/**
 * A form believes a chip that was written as chosen more than what it knows: of three chips that it meets one after the
 * other, the first would be all that is chosen.
 */
function forgetWrittenChoice(element: unknown): void {
  if (!(element instanceof HTMLInputElement) || !element.defaultChecked) return
  element.defaultChecked = false
  element.checked = false
}
