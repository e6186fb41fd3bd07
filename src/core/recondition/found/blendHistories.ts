import { DomainError } from '../../errors'
import { requireNumber } from '../../validate'

/** A plant family that stood in a mix in a season, in so much of it. */
export interface FamilyShare {
  readonly rotationGroup: string
  readonly season: number
  /** Of the mix, 0 to 1. */
  readonly share: number
}

/** What was found in so much of a mix in a season. */
export interface ProblemShare {
  readonly problem: string
  readonly season: number
  readonly share: number
}

/** What goes on with a mix, whatever it is mixed into. */
export interface MixHistory {
  readonly families: readonly FamilyShare[]
  readonly problems: readonly ProblemShare[]
  readonly unreactedLimeGPerL: number
  readonly starterNMgPerL: number
  /** Saturated media extract, dS/m. */
  readonly ecSme: number
}

/**
 * The history of a mix that comes of several: what each brings counts by its litres; families and problems of all of them
 * go on, the same ones of a season as one, none is dropped for being small.
 * @throws DomainError `too-few` where there is nothing to mix, `out-of-range` for litres below 0 or a share outside 0 to 1
 */
export function blendHistories({
  parts,
}: {
  readonly parts: readonly (MixHistory & { readonly litres: number })[]
}): MixHistory {
  if (!Array.isArray(parts)) throw new DomainError('bad-argument', 'The parts are a list.')
  const total = parts.reduce(
    (sum, { litres }) => sum + requireNumber('The litres of a part', litres, { min: 0 }),
    0,
  )
  if (!(total > 0)) throw new DomainError('too-few', 'There is nothing to mix: no litres came in.')
  const mean = (of: (part: MixHistory) => number, name: string) =>
    parts.reduce((sum, part) => sum + part.litres * requireNumber(name, of(part), { min: 0 }), 0) /
    total
  const united = <Entry extends { readonly season: number; readonly share: number }>(
    entriesOf: (part: MixHistory) => readonly Entry[],
    nameOf: (entry: Entry) => string,
  ): Entry[] => {
    const found = new Map<string, Entry>()
    for (const part of parts) {
      if (part.litres === 0) continue
      for (const entry of entriesOf(part)) {
        requireNumber('The season', entry.season)
        const share = requireNumber('The share', entry.share, { min: 0, max: 1 })
        const key = `${nameOf(entry)} ${entry.season}`
        const before = found.get(key)?.share ?? 0
        found.set(key, { ...entry, share: before + (share * part.litres) / total })
      }
    }
    return [...found.values()]
  }
  return {
    families: united(
      ({ families }) => families,
      ({ rotationGroup }) => rotationGroup,
    ),
    problems: united(
      ({ problems }) => problems,
      ({ problem }) => problem,
    ),
    unreactedLimeGPerL: mean((part) => part.unreactedLimeGPerL, 'The lime in g/L'),
    starterNMgPerL: mean((part) => part.starterNMgPerL, 'The nitrogen in mg/L'),
    ecSme: mean((part) => part.ecSme, 'The salts in dS/m'),
  }
}
