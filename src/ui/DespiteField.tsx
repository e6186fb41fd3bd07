import type { ComponentProps } from 'react'
import type { Problem } from '../messages/problem'
import { asksWhy } from './asksWhy'
import { type FieldProblem, TextField } from './Field'
import { containers as words } from './texts/containers/containers'

/** Asks for a reason once something was refused that a reason lifts, and stays as long as one stands there. */
export function DespiteField({
  problem,
  typed,
  label = words.despite,
  hint = words.despiteHint,
  ...rest
}: Omit<ComponentProps<'input'>, 'ref'> & {
  readonly problem: Problem | null
  readonly typed: string
  readonly label?: string
  readonly hint?: string
  readonly error?: FieldProblem | undefined
  readonly ref?: ComponentProps<'input'>['ref']
}) {
  if (!asksWhy(problem) && typed === '') return null
  return <TextField label={label} hint={hint} {...rest} />
}
