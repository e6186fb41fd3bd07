/** What is wrong with one field of a form; `field` is its path in the body. */
export interface FieldError {
  readonly field: string
  readonly message: string
}

/** A refusal (RFC 9457, application/problem+json) with a code that never changes and a sentence for the grower. */
export interface Problem {
  readonly type: string
  readonly title: string
  readonly status: number
  readonly code: string
  readonly detail: string
  readonly fields: readonly FieldError[]
  /** What the row holds now, where a write came too late. */
  readonly current?: Readonly<Record<string, unknown>>
  /** Plant group whose own mix is the way out. */
  readonly plantGroup?: string
  /** Of a failure: under which it stands in the log. */
  readonly id?: string
}
