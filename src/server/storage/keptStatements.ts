import { protocol } from '@electric-sql/pglite'

const { serialize } = protocol

/** Of questions in full: a garden's pages ask some two hundred different ones. */
const MOST_KEPT = 300
const MOST_REMEMBERED = 2000
/** After that many uses a way is worked out anew: a garden grows, and the best way through its tables changes. */
const USES = 100
const DATA = /^\s*(select|with|insert|update|delete)\b/i
const COURSE = /^\s*(set|savepoint|release|rollback)\b/i

interface Kept {
  readonly name: string
  uses: number
}

/**
 * Questions that are asked again and again are kept by the engine under a name, with the best way through the tables: to
 * work that out takes longer than the answer of a small one.
 */
export class KeptStatements {
  private readonly kept = new Map<string, Kept>()
  private readonly askedOnce = new Set<string>()
  /** Names the engine may still know, told with the next question. */
  private readonly outworn: string[] = []
  private named = 0

  /** The name of a question, empty where it is not kept, and what has to be said before it is asked. */
  take(text: string): { readonly name: string; readonly first: Uint8Array[] } {
    const { name, isNew } = this.nameOf(text)
    const first = this.outworn.splice(0).map((old) => serialize.close({ type: 'S', name: old }))
    if (isNew) first.push(serialize.parse({ name, text }))
    return { name, first }
  }

  /** After a refusal: whether the engine knows the question by then depends on where it stopped. */
  drop(text: string): void {
    const kept = this.kept.get(text)
    if (!kept) return
    this.kept.delete(text)
    this.outworn.push(kept.name)
  }

  /** After the tables themselves changed. */
  dropAll(): void {
    for (const text of [...this.kept.keys()]) this.drop(text)
  }

  private nameOf(text: string): { readonly name: string; readonly isNew: boolean } {
    const kept = this.kept.get(text)
    if (kept && kept.uses < USES) {
      kept.uses += 1
      this.renew(text, kept)
      return { name: kept.name, isNew: false }
    }
    this.drop(text)
    if (!kept && !this.isAskedAgain(text)) return { name: '', isNew: true }
    this.named += 1
    const name = `kept${this.named}`
    this.kept.set(text, { name, uses: 1 })
    const [oldest] = this.kept.keys()
    if (this.kept.size > MOST_KEPT && oldest !== undefined) this.drop(oldest)
    return { name, isNew: true }
  }

  /** Moves it behind the others: the one that was not used for longest is the first. */
  private renew(text: string, kept: Kept): void {
    this.kept.delete(text)
    this.kept.set(text, kept)
  }

  private isAskedAgain(text: string): boolean {
    if (this.askedOnce.delete(text)) return true
    if (!DATA.test(text)) return false
    if (this.askedOnce.size >= MOST_REMEMBERED) this.askedOnce.clear()
    this.askedOnce.add(text)
    return false
  }
}

/** Whether the tables are as they were after it: it reads or writes rows, or steers a transaction. */
export function leavesTables(text: string): boolean {
  return DATA.test(text) || COURSE.test(text)
}
