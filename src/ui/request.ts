import type { AnswerOf, Asked } from '../messages/operation'
import type { OperationName, Operations } from '../messages/operations'

declare const ANSWER: unique symbol

/** What is asked, as it goes out; which answer it will get stands only in types. */
export interface Request<Answer = unknown> {
  readonly method: SendMethod
  readonly address: string
  readonly body: unknown
  readonly [ANSWER]?: Answer
}

export type SendMethod = 'POST' | 'PATCH' | 'PUT'

/** What is said when an operation is asked for, as it stands in the fields of a form. */
export type AskedOf<Name extends OperationName> =
  Asked<Operations[Name]> extends infer Said
    ? { readonly [Key in keyof Said]: Key extends 'body' ? AsTypedFields<Said[Key]> : Said[Key] }
    : never

/** The body of an operation, as it stands in the fields of a form. */
export type BodyOf<Name extends OperationName> =
  AskedOf<Name> extends { readonly body: infer Body } ? Body : never

/**
 * A body before the endpoint looked at it: every key of it, and at each what a field may hold meanwhile. A number that is
 * still a text, a choice that was not made yet: those are refused with a sentence at their field.
 */
export type AsTyped<Value> = Value extends number
  ? number | string | null | undefined
  : Value extends string
    ? string | null | undefined
    : Value extends boolean
      ? boolean | undefined
      : Value extends readonly (infer Item)[]
        ? readonly AsTyped<Item>[] | undefined
        : Value extends object
          ? AsTypedFields<Value> | null | undefined
          : Value

type AsTypedFields<Value> = Value extends unknown
  ? { readonly [Key in keyof Value]: AsTyped<Value[Key]> }
  : never
export type AnswerTo<Name extends OperationName> = AnswerOf<Operations[Name]>

type Read = Extract<OperationName, `GET ${string}`>
/** Operations that change something. */
export type Write = Exclude<OperationName, Read>

/**
 * A request that changes something, made from its operation: a path that is none, a key that is misspelt or one that is
 * missing does not compile.
 * @example request('POST /api/mixes/[id]/put-away', { params: { id: 3 } })
 */
export function request<Name extends Write>(
  name: Name,
  asked: AskedOf<Name>,
): Request<AnswerTo<Name>> {
  const [method, path] = name.split(' ') as [SendMethod, string]
  const { body = {} } = asked as Said
  return { method, address: addressIn(path, asked as Said), body }
}

/** Where something is read, and, in types only, what is answered there. */
export type Address<Answer> = string & { readonly [ANSWER]?: Answer }

/** The address at which something is read. */
export function addressOf<Name extends Read>(
  name: Name,
  asked: AskedOf<Name>,
): Address<AnswerTo<Name>> {
  return addressIn(name.slice('GET '.length), asked as Said)
}

interface Said {
  readonly params?: Readonly<Record<string, string | number>>
  readonly query?: Readonly<Record<string, unknown>>
  readonly body?: unknown
}

function addressIn(path: string, { params = {}, query = {} }: Said): string {
  const filled = path.replace(/\[(\w+)\]/g, (_, part: string) =>
    encodeURIComponent(String(params[part])),
  )
  const said = Object.entries(query).flatMap(([key, value]) =>
    value === undefined ? [] : [[key, String(value)]],
  )
  return said.length === 0 ? filled : `${filled}?${new URLSearchParams(said)}`
}
