/** The row was changed by someone else since it was read: what it holds now is told. */
export class StaleWrite extends Error {
  override readonly name = 'StaleWrite'

  constructor(
    message: string,
    readonly current: Readonly<Record<string, unknown>>,
  ) {
    super(message)
  }
}

/** There is no such row (any more). */
export class NotFound extends Error {
  override readonly name = 'NotFound'
}

/** What was asked for does not fit the state things are in: a finished order, a container in use. */
export class Conflict extends Error {
  override readonly name = 'Conflict'

  constructor(
    message: string,
    readonly details: Readonly<Record<string, unknown>> = {},
  ) {
    super(message)
  }
}
