import type { RoundPot } from '../../messages/containers/round'

/** Something written down on this round. */
export interface Written {
  /** Of the entry in the outbox. */
  readonly id: string
  readonly potId: number
  readonly said: string
  /** Of the line in the log, once it has arrived. */
  readonly logId: number | null
}

/** Where one is on a round; kept in the browser, so that a reload goes on from there. */
export interface Round {
  readonly day: string
  readonly place: string | null
  readonly potId: number | null
  /** Pots one has been at, in the order of walking. */
  readonly seen: readonly number[]
  readonly written: readonly Written[]
  /** Stays at a pot after something was written down. */
  readonly stays: boolean
}

export function newRound(day: string, stays = false): Round {
  return { day, place: null, potId: null, seen: [], written: [], stays }
}

export function potsAt(pots: readonly RoundPot[], place: string | null): readonly RoundPot[] {
  return pots.filter((pot) => pot.place === place)
}

/** The pot that follows at this place, one that was seen already left out; null when all were seen. */
export function nextPot(pots: readonly RoundPot[], round: Round): RoundPot | null {
  const here = potsAt(pots, round.place)
  const at = here.findIndex(({ id }) => id === round.potId)
  const inTurn = [...here.slice(at + 1), ...here.slice(0, Math.max(at, 0))]
  return inTurn.find(({ id }) => !round.seen.includes(id)) ?? null
}

/** Goes to a pot, which is seen by that. */
export function goTo(round: Round, pot: RoundPot): Round {
  return {
    ...round,
    place: pot.place,
    potId: pot.id,
    seen: [...round.seen.filter((id) => id !== pot.id), pot.id],
  }
}

/** The place is done: nobody stands at a pot. */
export function goOn(pots: readonly RoundPot[], round: Round): Round {
  const next = nextPot(pots, round)
  return next ? goTo(round, next) : { ...round, potId: null }
}

/** The place that follows, in the order of the page; null after the last one. */
export function nextPlace(pots: readonly RoundPot[], { place, seen }: Round): string | null {
  const places = [...new Set(pots.map((pot) => pot.place))]
  const at = places.indexOf(place ?? '')
  const inTurn = [...places.slice(at + 1), ...places.slice(0, Math.max(at, 0))]
  return inTurn.find((one) => potsAt(pots, one).some(({ id }) => !seen.includes(id))) ?? null
}

/** Pots that may be meant by what was typed: by code first, then by name, place or what grows in them. */
export function matchingPots(pots: readonly RoundPot[], typed: string): readonly RoundPot[] {
  const asked = typed.trim().toLowerCase()
  if (asked === '') return []
  const byCode = pots.filter(({ code }) => code.toLowerCase().startsWith(asked))
  const words = asked.split(/\s+/)
  const others = pots.filter((pot) => {
    const text = [pot.code, pot.name, pot.place, ...pot.crops].join(' ').toLowerCase()
    return !byCode.includes(pot) && words.every((word) => text.includes(word))
  })
  const exact = byCode.filter(({ code }) => code.toLowerCase() === asked)
  return [...new Set([...exact, ...byCode, ...others])].slice(0, 8)
}

/** The code in what a camera read: the address of a label, or the code alone. */
export function codeIn(read: string): string {
  const inAddress = /\/c\/([^/?#]+)/.exec(read)?.[1]
  try {
    return decodeURIComponent(inAddress ?? read).trim()
  } catch {
    return read.trim()
  }
}

/** What was kept, where it is of today and of this shape. */
export function readRound(text: string | null, today: string): Round {
  try {
    const kept = JSON.parse(text ?? 'null') as Partial<Round> | null
    const isWhole = Array.isArray(kept?.seen) && Array.isArray(kept.written)
    if (isWhole && kept.day === today) return { ...newRound(today), ...kept }
    return newRound(today, kept?.stays === true)
  } catch {
    return newRound(today)
  }
}
