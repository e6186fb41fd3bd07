/** Why the core refused an input. */
export type DomainErrorCode =
  | 'bad-argument'
  | 'not-finite'
  | 'out-of-range'
  | 'too-few'
  | 'not-enough'
  | 'unsuitable'
  | 'unbalanced'
  | 'not-converged'
  | 'bad-count'
  | 'no-control'

/** An expected refusal, with a sentence a grower can act on. Anything else thrown is a bug. */
export class DomainError extends Error {
  override readonly name = 'DomainError'

  constructor(
    readonly code: DomainErrorCode,
    message: string,
    readonly details: Readonly<Record<string, unknown>> = {},
  ) {
    super(message)
  }
}
