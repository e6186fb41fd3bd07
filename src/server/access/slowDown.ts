/** Wrong passphrases that cost no waiting: fingers slip. */
const FREE = 5
const LONGEST_S = 15 * 60
/** The same for all devices together: somebody with many addresses is slowed as well, yet locks nobody out for long. */
const FREE_OF_ALL = 60
const LONGEST_OF_ALL_S = 5
const FORGOTTEN_AFTER_MS = 60 * 60 * 1000
const MOST_KNOWN = 10_000

interface Guesses {
  count: number
  atMs: number
}

/** Who guesses: strangers by their address, and all together; a device that was signed in before by itself alone. */
export type Guesser = string | { readonly device: string }

/**
 * Slows guessing down: after a few wrong passphrases from one address each next try has to wait twice as long, up to a
 * quarter of an hour.
 * @param now the time in ms
 */
export function createSlowDown(now: () => number) {
  const known = new Map<string, Guesses>()
  const all: Guesses = { count: 0, atMs: 0 }

  function waitOf(guesses: Guesses | undefined, free: number, longestS: number): number {
    if (!guesses || guesses.count < free) return 0
    const waitS = Math.min(longestS, 2 ** Math.min(guesses.count - free, 20))
    return Math.max(0, guesses.atMs + waitS * 1000 - now())
  }

  function freshen(guesses: Guesses | undefined): Guesses {
    const isOld = !guesses || now() - guesses.atMs > FORGOTTEN_AFTER_MS
    return { count: isOld ? 0 : guesses.count, atMs: now() }
  }

  return {
    /** How long this one has to wait before its next try, ms; 0 when it may try now. */
    waitMs(who: Guesser): number {
      const own = waitOf(known.get(nameOf(who)), FREE, LONGEST_S)
      return isKnown(who) ? own : Math.max(own, waitOf(all, FREE_OF_ALL, LONGEST_OF_ALL_S))
    },
    /** A try begins: it counts as wrong until it turns out right, so that many at once gain nothing. */
    begin(who: Guesser): void {
      const address = nameOf(who)
      if (!isKnown(who)) {
        Object.assign(all, freshen(all))
        all.count += 1
      }
      const mine = freshen(known.get(address))
      known.delete(address)
      known.set(address, { ...mine, count: mine.count + 1 })
      const oldest = known.keys().next().value
      if (known.size > MOST_KNOWN && oldest !== undefined) known.delete(oldest)
    },
    /** It was right. */
    succeed(who: Guesser): void {
      known.delete(nameOf(who))
      if (!isKnown(who)) all.count = Math.max(0, all.count - 1)
    },
  }
}

function isKnown(who: Guesser): who is { readonly device: string } {
  return typeof who !== 'string'
}

function nameOf(who: Guesser): string {
  return isKnown(who) ? `device ${who.device}` : who
}

/** Devices of one household share the upper half of an IPv6 address, and change the lower one as they like. */
export function slowedAs(address: string): string {
  if (!address.includes(':') || address.includes('.')) return address
  const [head = '', tail] = address.split('::')
  const first = head.split(':').filter(Boolean)
  const rest = (tail ?? '').split(':').filter(Boolean)
  const zeros = tail === undefined ? 0 : 8 - first.length - rest.length
  const groups = [...first, ...Array<string>(Math.max(0, zeros)).fill('0'), ...rest]
  return groups.slice(0, 4).join(':')
}
