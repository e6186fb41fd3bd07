import { findingsOf } from '../../core/bench'
import { type Found, inForce } from '../../core/recondition'
import type { ToldTest } from '../../data/bench'
import type { LotCard } from '../../data/media'
import { dayAt } from '../clock'
import type { Tables } from './lotFacts'

/**
 * What is in force of all that was found in a lot.
 * @param tests finished ones since it was last mixed; those of other lots are passed over
 */
export function foundIn(lot: LotCard, tests: readonly ToldTest[], tables: Tables): Found[] {
  const all = everFoundIn(lot, tests, tables)
  return inForce(all, lot.mixedAt?.getTime() ?? null, tables.problems)
}

/** All that was found in a lot and not taken back, in force or not. */
export function everFoundIn(lot: LotCard, tests: readonly ToldTest[], tables: Tables): Found[] {
  const rotationGroup = lastGroup(lot, tables)
  const fromTests = tests
    .filter(({ lotId }) => lotId === lot.id)
    .flatMap(({ id, startedAt, observation, outcome }) =>
      findingsOf(observation, outcome).map((finding): Found => {
        const on = dayAt(tables.timeZone, startedAt)
        return {
          ...finding,
          at: startedAt.getTime(),
          on,
          origin: { kind: 'test', testId: id },
          season: Number(on.slice(0, 4)),
          rotationGroup,
        }
      }),
    )
  const seen = lot.seen.map(
    ({ at, id, note, kind, state, problemId, numbers, word, families, season, ...row }): Found => ({
      kind,
      state,
      problemId,
      numbers,
      ...(word === null ? {} : { word }),
      families,
      at: at.getTime(),
      on: dayAt(tables.timeZone, at),
      origin: { kind: 'seen', id, note },
      season,
      rotationGroup: row.rotationGroup,
    }),
  )
  const own = new Set([...fromTests, ...seen].map(({ problemId }) => problemId))
  const carried = lot.reached
    .filter(({ problemId }) => !own.has(problemId))
    .map(
      ({
        findingId,
        problemId,
        share,
        fromLotId,
        fromName,
        on,
        certainty,
        season,
        ...row
      }): Found => ({
        kind: 'problem',
        // What may have been here before it was found elsewhere is looked for: it bars nothing.
        state: certainty === 'carried' ? 'trouble' : 'known',
        problemId,
        numbers: { share },
        families: row.families,
        at: Date.parse(on),
        on,
        origin: { kind: 'carried', findingId, fromLotId, fromName, share, certainty },
        season,
        rotationGroup: row.rotationGroup,
      }),
    )
  return [...fromTests, ...seen, ...carried]
}

/** Rotation group of what grew in it last. */
export function lastGroup({ innings }: Pick<LotCard, 'innings'>, { crops }: Tables): string | null {
  const cropId = innings.at(-1)?.cropId
  return cropId ? (crops.get(cropId)?.rotationGroup ?? null) : null
}
