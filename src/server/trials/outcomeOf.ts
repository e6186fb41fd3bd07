import type { Verdict } from '../../core/trials'
import { setOutcome, type TrialOutcome, trialsWithoutOutcome } from '../../data/trials'
import type { MeasureView, ResultsPage } from '../../messages/trials/looks'
import type { OpenDatabase } from '../database'
import { resultsPage } from './resultsPage'

/** What a trial found by its main measure, as it is kept. */
export function outcomeOf(page: ResultsPage): TrialOutcome {
  const main = page.results.find(({ measure }) => measure === page.measure)
  return {
    isVoid: page.isVoid,
    measure: page.measure,
    cvs: Object.fromEntries(
      page.results.flatMap((view) =>
        view.by === 'means' && view.groups.cv !== null ? [[view.measure, view.groups.cv]] : [],
      ),
    ),
    treatments: page.treatments.map(({ number, used, planted, litres, yieldG }) => ({
      number,
      verdict: main && number > 0 ? verdictOf(main, number) : null,
      mean: main ? meanOf(main, number) : null,
      alive: page.survival?.groups[number]?.count ?? null,
      used,
      planted,
      yieldPerLitreG: yieldG === null ? null : yieldG / litres,
    })),
    noEffectUpTo: page.noEffectUpTo,
  }
}

/** Works out what closed trials found that came without it: those of a new garden, or of an older program. */
export async function summarizeTrials(db: OpenDatabase): Promise<void> {
  for (const id of await trialsWithoutOutcome(db)) {
    await setOutcome(db, id, outcomeOf(await resultsPage(db, id)))
  }
}

/** What a measure says of a treatment; null for the control. */
export function verdictOf(view: MeasureView, number: number): Verdict | null {
  switch (view.by) {
    case 'means':
      return view.groups.treatments.find(({ group }) => group === number)?.verdict ?? null
    case 'counts':
      return view.counts.treatments.find(({ group }) => group === number)?.verdict ?? null
    case 'sides':
      return view.sides.find(({ treatment }) => treatment === number)?.result.verdict ?? null
  }
}

function meanOf(view: MeasureView, number: number): number | null {
  switch (view.by) {
    case 'means':
      return view.groups.groups[number]?.description?.mean ?? null
    case 'counts':
      return view.counts.groups[number]?.proportion ?? null
    case 'sides':
      return null
  }
}
