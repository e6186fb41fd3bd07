import type { Problem } from '../../messages/problem'
import type { Refusal } from '../../ui/Field'
import type { BenchBody } from './benchBody'

const INSIDE = 'observation.'

/** What was refused of an answer of a test's form; a worked-out refusal names the answer without its observation. */
export function fieldErrors(
  problem: Problem | null,
  fieldAt: BenchBody['fieldAt'],
  name: string,
  stamp: number,
): Refusal | undefined {
  const message = problem?.fields.find(({ field }) => {
    const path = field.startsWith(INSIDE) ? field.slice(INSIDE.length) : field
    return (fieldAt.get(path) ?? path) === name
  })?.message
  return message === undefined ? undefined : { message, stamp }
}
