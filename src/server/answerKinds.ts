/**
 * An answer that is a picture. It may be kept by a browser, which asks each time whether it may still be shown: who was
 * signed out sees it no more.
 */
export class Picture {
  constructor(
    readonly bytes: Uint8Array,
    readonly type: string,
  ) {}
}

/** An answer that is kept as a file. */
export class Download {
  constructor(
    readonly bytes: Uint8Array,
    readonly type: string,
    /** Letters, digits, points and hyphens. */
    readonly fileName: string,
  ) {}
}

/** An answer that also sets or takes back cookies, or tells the browser to forget what it kept. */
export class WithHeaders<Answer = unknown> {
  constructor(
    readonly answer: Answer,
    readonly headers: readonly (readonly [name: string, value: string])[],
  ) {}
}
