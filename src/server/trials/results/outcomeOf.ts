import { traySpread, type Verdict } from '../../../core/trials'
import { setOutcome, type TrialOutcome, trialsWithoutOutcome } from '../../../data/trials'
import type { MeasureView, ResultsPage } from '../../../messages/trials/resultViews'
import type { OpenDatabase } from '../../database'
import { resultsPage } from './resultsPage'

/** One named measure on its day decides; blocks and trays are analysed as such. */
const RULE = 2
const PERCENT = 100

/** What a trial found by the measure that decides, as it is kept. */
export function outcomeOf(page: ResultsPage): TrialOutcome {
  const { deciding } = page
  // Only what was named decides: where it was not read on its day, nothing does.
  const main = deciding.isShown
    ? page.results.find(({ measure }) => measure === deciding.measure)
    : undefined
  return {
    rule: RULE,
    isVoid: page.isVoid,
    measure: deciding.measure,
    day: deciding.day,
    cvs: Object.fromEntries(
      page.results.flatMap((view) =>
        view.by === 'means' && view.groups.cv !== null ? [[view.measure, view.groups.cv]] : [],
      ),
    ),
    blockCvs: Object.fromEntries(
      page.results.flatMap((view) =>
        view.by === 'means' && view.groups.blockCv !== null
          ? [[view.measure, view.groups.blockCv]]
          : [],
      ),
    ),
    trayCv: trayCvOf(page),
    treatments: page.treatments.map(({ number, used, planted, litres, yieldG }) => ({
      number,
      verdict: number === 0 ? null : main ? verdictOf(main, number) : 'cannot-tell',
      mean: main ? meanOf(main, number) : null,
      alive: page.survival?.groups[number]?.count ?? null,
      used,
      planted,
      yieldPerLitreG: yieldG === null ? null : yieldG / litres,
    })),
    noEffectUpTo: page.noEffectUpTo,
  }
}

/** Of the shares that came up; null where none were counted in trays. */
function trayCvOf({ results, seeds }: ResultsPage): number | null {
  for (const view of results) {
    const control = view.by === 'means' && view.isShare ? view.groups.groups[0]?.description : null
    const cv = view.by === 'means' ? view.groups.cv : null
    if (control && cv !== null && control.mean > 0) {
      return traySpread(cv, control.mean / PERCENT, seeds)
    }
  }
  return null
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
