import {
  type CandidateWish,
  type RankedCandidates,
  rankCandidates,
  toldApart,
} from '../../../core/trials'
import type {
  Candidate,
  CandidatesPage,
  CandidatesTrial,
  Criterion,
} from '../../../messages/trials/candidateViews'
import { candidates as words } from '../../../ui/texts/mixes/candidates'
import { trialResults } from '../../../ui/texts/trials/trialResults'
import {
  airOf,
  type CandidateFact,
  costOf,
  daysOf,
  testedOf,
  waterOf,
  weedsOf,
} from './candidateFacts'

const FACTS: Readonly<Record<Criterion, (candidate: Candidate) => CandidateFact | null>> = {
  cost: costOf,
  air: airOf,
  days: daysOf,
  water: waterOf,
  sunk: (candidate) => testedOf(candidate, 'settling', 'settled'),
  weeds: weedsOf,
}

/** What may be asked for as mattering most: of what something is known, and trials that are over. */
export function criteriaOf(page: CandidatesPage): { readonly id: string; readonly name: string }[] {
  const known = (Object.keys(FACTS) as Criterion[]).filter((one) =>
    page.candidates.some((candidate) => FACTS[one](candidate) !== null),
  )
  return [
    ...page.trials
      .filter(isJudged)
      .map((trial) => ({ id: `trial:${trial.trialId}`, name: words.inTrial(trial.name) })),
    ...known.map((id) => ({ id, name: words.criteria[id] })),
  ]
}

/** The candidates in the order of what matters most, and what may be said of that order. */
export function rankPage(page: CandidatesPage): RankedCandidates & { readonly byName: string } {
  const trial = page.trials.find(({ trialId }) => page.by === `trial:${trialId}`)
  if (trial) {
    const measure = trialResults.measures[trial.measure].toLowerCase()
    return { ...rankByTrial(trial), byName: words.trial.measured(measure, `“${trial.name}”`) }
  }
  const by = (Object.keys(FACTS) as Criterion[]).find((one) => one === page.by) ?? 'cost'
  const values = page.candidates.map(FACTS[by])
  const ranked = rankCandidates(values, wishOf(by, page))
  return { ...ranked, byName: words.criteria[by] }
}

function wishOf(by: Criterion, { wish }: CandidatesPage): CandidateWish {
  if (by === 'air' && wish) return { low: wish.airMin, high: wish.airMax }
  return by === 'cost' || by === 'sunk' || by === 'weeds' ? 'less' : 'more'
}

/** By its main measure at the last check; only what the trial itself told apart is apart. */
function rankByTrial(trial: CandidatesTrial): RankedCandidates {
  const main = trial.measures.find(({ measure }) => measure === trial.measure)
  const values = trial.treatments.map((one, at) => {
    const cell = main?.cells[at]
    if (!one || !main) return null
    // A side by side has no number of its own: crops ahead less crops behind, none for the control.
    if (trial.kind === 'side-by-side') {
      const { wins, losses } = cell?.sides ?? { wins: 0, losses: 0 }
      return { value: wins - losses }
    }
    const last = cell?.points.at(-1)
    return last ? { value: last.mean } : null
  })
  const wish = trial.kind === 'side-by-side' ? 'more' : trial.wish
  return rankCandidates(values, wish, (one, other) => {
    const [a, b] = [trial.treatments[one], trial.treatments[other]]
    const judged = a?.number === 0 ? other : b?.number === 0 ? one : null
    const verdict = judged === null ? null : (main?.cells[judged]?.verdict ?? null)
    return verdict === 'better' || verdict === 'worse'
  })
}

export function isJudged({ state, isVoid }: CandidatesTrial): boolean {
  return state === 'closed' && !isVoid
}

/** How a value stands to that of the candidate the others are held against; null where nothing is to be said. */
export function againstYardstick(
  value: CandidateFact | null,
  yardstick: CandidateFact | null,
): 'more' | 'less' | 'same' | null {
  if (!value || !yardstick) return null
  if (!toldApart(value, yardstick)) return 'same'
  return value.value > yardstick.value ? 'more' : 'less'
}

/** The sentence about the order. */
export function rankText(
  { byName, leader, level, behind, unknown }: ReturnType<typeof rankPage>,
  names: readonly string[],
): string {
  const said = words.said
  if (leader === null) return said.nothing(byName)
  const listed = (all: readonly number[]) => {
    const some = all.map((at) => names[at] ?? '')
    return some.length < 2
      ? (some[0] ?? '')
      : `${some.slice(0, -1).join(', ')}${said.and}${some.at(-1)}`
  }
  const known = [...level, ...behind].length > 0
  return [
    known ? said.first(names[leader] ?? '', byName) : said.alone(names[leader] ?? '', byName),
    level.length > 0 && said.level(listed(level)),
    behind.length > 0 && said.behind(listed(behind), behind.length > 1),
    known && unknown.length > 0 && said.unknown(listed(unknown)),
  ]
    .filter(Boolean)
    .join(' ')
}
