import type { Problem } from '../../messages/problem'
import type { Request } from '../request'

/** Something that was entered, as it will be sent. */
export interface NewEntry<Data = unknown> extends Request<Data> {
  /** Where its maker wants to know it again. */
  readonly id?: string
  /** One a thing, such as "order/3": who shows it asks by this. */
  readonly about: string
  /** What was entered, and of what, in words for the list of what waits. */
  readonly title: string
  readonly where: string
  /** The page to look at it. */
  readonly page: string
}

/** An entry as it is kept until it was answered. */
export interface Entry extends NewEntry {
  /** The server does what carries the same id once. */
  readonly id: string
  /** Its place in the queue: what was entered first is sent first. */
  readonly order: number
  readonly enteredAtMs: number
  /** The garden it was entered in; entries of earlier versions tell none. */
  readonly garden?: string
  /** Why it was not taken; it waits for a decision then, and lets the others pass. */
  readonly problem: Problem | null
}

/** A photo: it takes minutes where the rest takes a moment, so that it goes apart and last. */
export function isBulky({ body }: Pick<Entry, 'body'>): boolean {
  return typeof body === 'object' && body !== null && 'jpeg' in body
}

/** What became of an entry. */
export type Outcome<Data> =
  | { readonly kind: 'answered'; readonly data: Data }
  | { readonly kind: 'refused'; readonly problem: Problem }
  /** It is kept here, and sent as soon as there is an answer. */
  | { readonly kind: 'waiting' }

/** Why nothing goes out at present. */
export type Hold = 'no answer' | 'sign in' | null
