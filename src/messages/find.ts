/** What can be gone to by its name, as the server knows it. */
export interface FindAnswer {
  readonly lots: readonly { readonly id: number; readonly name: string }[]
  readonly pots: readonly {
    readonly code: string
    readonly name: string
    readonly place: string
    readonly lotId: number | null
  }[]
  readonly places: readonly string[]
  /** Work orders that are open. */
  readonly orders: readonly { readonly id: number; readonly lotId: number }[]
}
