import type Joi from 'joi'

/**
 * What one has to be to be answered: `read`, `log` (what helpers do: log, tick, test), `manage`, `keys` (a manager in
 * person, no script: who may come in) or `anyone`.
 */
export type Need = 'anyone' | 'read' | 'log' | 'manage' | 'keys'

/** Answered with a file, not with JSON. */
export interface FileAnswer {
  readonly isFile: true
}

/** What stands only in types: nothing is kept of it. */
declare const TYPES: unique symbol

/** Something that can be asked of the program: what it takes, who may ask, what it answers. */
export interface Operation<Params = unknown, Query = unknown, Body = unknown, Answer = unknown> {
  /** Of the address: what stands for its parts in brackets. */
  readonly params?: Joi.ObjectSchema
  readonly query?: Joi.ObjectSchema
  readonly body?: Joi.ObjectSchema
  /** Of the body, where it may be larger than others. */
  readonly limitBytes?: number
  /** Status of success, 200 when left out. */
  readonly status?: number
  /** Who may ask. When left out: reading is for all who are signed in, writing for managers. */
  readonly needs?: Need
  /** It writes nothing into the garden: no transaction, and no answer that is kept. */
  readonly besideGarden?: boolean
  readonly [TYPES]?: readonly [Params, Query, Body, Answer]
}

interface Declared<Params, Query, Body, Answer>
  extends Omit<Operation, 'params' | 'query' | 'body' | typeof TYPES> {
  readonly params?: Joi.ObjectSchema<Params>
  readonly query?: Joi.ObjectSchema<Query>
  readonly body?: Joi.ObjectSchema<Body>
  readonly answer: Answers<Answer>
}

interface Answers<Answer> {
  readonly [TYPES]?: Answer
}

/** What takes neither. */
type Nothing = Readonly<Record<string, never>>

/** Declares an operation; its name, such as "POST /api/trials/[id]/looks", holds its method and its path. */
export function operation<Answer, Params = Nothing, Query = Nothing, Body = Nothing>({
  answer: _onlyAType,
  ...declared
}: Declared<Params, Query, Body, Answer>): Operation<Params, Query, Body, Answer> {
  return declared
}

/** What an operation answers: a type, of which nothing is left when it runs. */
export function answers<Answer>(): Answers<Answer> {
  return {}
}

/** What is said when an operation is asked for: only what it takes. */
export type Asked<Declared> =
  Declared extends Operation<infer Params, infer Query, infer Body, infer _Answer>
    ? Part<'params', Params> & Part<'query', Query> & Part<'body', Body>
    : never

// In brackets, so that one of several shapes of a body stays one body.
type Part<Name extends string, Value> = [Value] extends [Nothing]
  ? { readonly [key in Name]?: never }
  : { readonly [key in Name]: Value }

export type AnswerOf<Declared> =
  Declared extends Operation<infer _Params, infer _Query, infer _Body, infer Answer>
    ? Answer
    : never
