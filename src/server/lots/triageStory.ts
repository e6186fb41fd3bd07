import { triageHistory } from '../../core/recondition'
import { addMonths } from '../../core/units'
import type { TriageStory } from '../../messages/media/found'
import { dayAt } from '../clock'
import { treatmentsOf, triageOptions } from './judgeLot'
import type { LotFacts, Tables } from './lotFacts'

/** Changes farther back are history. */
const MONTHS_BACK = 12

/** What was done with a lot and decided of it, and how that and the calendar changed what it may be used for. */
export function triageStory(
  { lot, everFound }: Pick<LotFacts, 'lot' | 'everFound'>,
  tables: Tables,
): TriageStory {
  const treatments = treatmentsOf(lot, tables)
  const changes = triageHistory({
    found: everFound,
    treatments,
    mixedAt: lot.mixedAt?.getTime() ?? null,
    mixedOn: lot.mixedAt ? dayAt(tables.timeZone, lot.mixedAt) : null,
    problems: tables.problems,
    options: triageOptions(tables),
    from: addMonths(tables.today, -MONTHS_BACK),
    today: tables.today,
  })
  return {
    treatments: treatments.map(({ id, kind, on, until, endedOn, skimCm, note }) => ({
      id,
      kind,
      on,
      until,
      endedOn,
      skimCm,
      note,
    })),
    changes: changes
      .map(({ because, ...change }) => ({
        ...change,
        because,
        problemName:
          because.kind === 'found'
            ? (tables.problems.get(because.problemId)?.name ?? because.problemId)
            : null,
      }))
      .reverse(),
    isInPots: lot.containerIds.length > 0,
  }
}
