/** A question was taken back, or a newer one of its topic has taken its place. */
export class TakenBack extends Error {
  constructor() {
    super('A newer question has taken the place of this one.')
    this.name = 'TakenBack'
  }
}

/** The script that asks the thread did not come from the server. */
export class NotFetched extends Error {
  constructor() {
    super(
      'What works this out did not come through from the server. Change something to try again.',
    )
    this.name = 'NotFetched'
  }
}
