import type { Dose } from '../../core/chemistry'
import { lotComponents, type MixHistory, type MixState, mixStateOf } from '../../core/recondition'
import type { Database } from '../../data/database'
import type { NewFinding } from '../../data/media'
import type { Site } from '../../data/site'
import { keptFinding } from './keptFinding'
import type { LotFacts, Tables } from './lotFacts'
import { lotFamilies } from './lotFamilies'
import { USUAL_COLUMN } from './lotWater'
import { feedLeftOf } from './reserves'

/** So many litres of a lot. */
export interface LotPart {
  readonly facts: LotFacts
  readonly litres: number
}

/**
 * What a mix of lots is, from all that is known of each: tests, salts, feed. In the column of the first one that stands in a
 * pot.
 * @returns null where there is nothing in them
 */
export function unitedState(
  parts: readonly LotPart[],
  site: Pick<Site, 'climateByMonth'>,
): MixState | null {
  const filled = parts.filter(({ facts, litres }) => litres > 0 && facts.components.length > 0)
  const total = filled.reduce((sum, { litres }) => sum + litres, 0)
  if (!(total > 0)) return null
  const components = filled.flatMap(({ facts, litres }) =>
    lotComponents(facts.components, { ...facts.measured, ...facts.measuredWater }).map((one) => ({
      ...one,
      parts: one.parts * litres,
    })),
  )
  const feedLeft = filled.flatMap(({ facts, litres }) =>
    feedLeftOf(facts.doses, facts.asOf, site).map(
      (dose): Dose => ({ ...dose, gPerL: (dose.gPerL * litres) / total }),
    ),
  )
  const potted = parts.find(({ facts }) => facts.container !== null)?.facts.container
  const column = potted ? { shape: potted.shape, fillHeightCm: potted.fillHeightCm } : USUAL_COLUMN
  return mixStateOf({ components, doses: [], feedLeft, container: column })
}

/** What goes on with a lot's mix, whatever it is mixed into. */
export async function mixHistory(
  db: Database,
  facts: LotFacts,
  tables: Tables,
): Promise<MixHistory> {
  const { lot, found } = facts
  const seen = found.flatMap(({ problemId, season, state }) =>
    problemId === null || state === 'clear' ? [] : [{ problem: problemId, season, share: 1 }],
  )
  const known = new Set(seen.map(({ problem, season }) => `${problem} ${season}`))
  const brought = (lot.heritage?.problems ?? []).filter(
    ({ problem, season }) => !known.has(`${problem} ${season}`),
  )
  const families = await lotFamilies(db, lot, tables)
  return {
    families: families.map(({ rotationGroup, season, share }) => ({
      rotationGroup,
      season,
      share,
    })),
    problems: [...seen, ...brought],
    unreactedLimeGPerL: facts.unreactedLimeGPerL,
    starterNMgPerL: lot.carried?.starterNMgPerL ?? 0,
    ecSme: facts.ecSme?.value ?? 0,
  }
}

/** Organisms, weeds and poisons found in a mix: they stay in it whatever else is mixed in. */
export function problemsThatStay(
  { found }: Pick<LotFacts, 'found'>,
  { problems }: Pick<Tables, 'problems'>,
): NewFinding[] {
  return found.flatMap((one) => {
    // What came from elsewhere is followed through the ledgers: taken back there, it lifts here.
    if (one.origin.kind === 'carried') return []
    const problem = one.problemId === null ? undefined : problems.get(one.problemId)
    const stays = problem && problem.kind !== 'condition' && one.state !== 'clear'
    return stays ? [{ ...keptFinding(one), kind: 'problem' as const }] : []
  })
}
