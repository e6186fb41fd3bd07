import {
  MEASURE_RANGE,
  type TrialMeasure,
  type Verdict,
  type VerdictReason,
} from '../../../core/trials'
import type {
  CountsView,
  MeasureView,
  ResultsPage,
  TreatmentOutcome,
} from '../../../messages/trials/resultViews'
import type { Format } from '../../../ui/format'
import { trialResults as words } from '../../../ui/texts/trials/trialResults'

/** What is said of one treatment by one measure. */
export interface Said {
  readonly treatment: number
  /** null: it was also seen, and does not decide. */
  readonly verdict: Verdict | null
  /** Whole sentences. */
  readonly text: string
}

const PERCENT = 100
/** A tenth of a percent below it is told as a bound. */
const SMALLEST_P = 0.001
/** Below this nobody calls it cheaper. */
const CHEAPER = 0.05

/** A value of a measure with its unit. */
export function valueText(
  value: number,
  measure: TrialMeasure,
  isShare: boolean,
  format: Pick<Format, 'number'>,
): string {
  if (isShare) return `${format.number(value)} %`
  const { decimals, unit } = MEASURE_RANGE[measure]
  // Means of whole numbers are not whole.
  const digits = Math.abs(value) >= PERCENT ? 0 : Math.max(decimals, 1)
  return [format.number(value, digits), unit].filter(Boolean).join(' ')
}

export function pText(p: number, format: Pick<Format, 'number'>): string {
  return words.p(p < SMALLEST_P ? `< ${format.number(SMALLEST_P, 3)}` : `= ${format.number(p, 3)}`)
}

/** What a measure says of each treatment, by rule; of what does not decide only what was seen. */
export function saidOf(view: MeasureView, page: ResultsPage, format: Format): Said[] {
  const judged = judgedOf(view, page, format)
  return view.also === null
    ? judged.map(({ seen: _, ...said }) => said)
    : besides(judged, view.also, format)
}

/** p over everything that was also seen takes the place of a verdict. */
function besides(
  judged: readonly (Said & { readonly seen: string })[],
  also: readonly (number | null)[],
  format: Format,
): Said[] {
  return judged.map(({ treatment, seen }) => {
    const p = also[treatment - 1] ?? null
    const sentence = [seen, p !== null && pText(p, format)].filter(Boolean).join(', ')
    return { treatment, verdict: null, text: sentence ? `${sentence}.` : '' }
  })
}

function judgedOf(
  view: MeasureView,
  page: ResultsPage,
  format: Format,
): (Said & { readonly seen: string })[] {
  const nameOf = (number: number) => page.treatments[number]?.name ?? ''
  switch (view.by) {
    case 'counts':
      return countsSaid(view.counts, page, format)
    case 'sides':
      return view.sides.map(({ treatment, result }) => {
        const { wins, losses, ties, missing, percent, ci, p, signP, verdict, reason } = result
        const change = (value: number) => percentOf(PERCENT + value, format)
        const facts = [
          percent !== null && words.overAll(change(percent)),
          ci && words.between(change(ci[0]), change(ci[1])),
          words.crops(wins, losses, nameOf(treatment), nameOf(0)),
          ties > 0 && words.ties(ties),
          missing > 0 && words.missing(missing),
        ]
        const ps = [
          p !== null && pText(p, format),
          signP !== null && words.signP(pText(signP, format)),
        ]
        return {
          treatment,
          verdict,
          seen: facts.filter(Boolean).join(', '),
          text: joined([...facts, ...ps], reason && because(reason, words.because.noCrop)),
        }
      })
    case 'means':
      return view.groups.treatments.map((one) => {
        const { comparison, p, verdict, reason, findablePercent, group } = one
        const write = (value: number) => valueText(value, view.measure, view.isShare, format)
        const mine = view.groups.groups[group]?.description
        const control = view.groups.groups[0]?.description
        const facts = [
          mine && control
            ? words.against(write(mine.mean), `${write(control.mean)} (${nameOf(0)})`)
            : null,
          comparison?.percentOfControl != null && percentOf(comparison.percentOfControl, format),
          comparison?.ci &&
            (verdict === 'better' || verdict === 'worse') &&
            words.between(signed(comparison.ci[0], write), signed(comparison.ci[1], write)),
          mine && control ? words.n(mine.n, control.n) : null,
        ]
        const why =
          reason &&
          because(
            reason,
            comparison ? words.because.alike : words.because.one(mine?.n ?? 0, control?.n ?? 0),
          )
        const could =
          verdict === 'no-difference' && findablePercent !== null
            ? ` ${words.could(`${format.number(findablePercent)} %`)}; ${
                view.groups.potsFor20 === null ? words.no20 : words.for20(view.groups.potsFor20)
              }.`
            : ''
        const isSeveral = view.groups.treatments.length > 1
        const alone = one.isOnlyAlone ? ` ${isSeveral ? words.onlyAlone : words.onlyInterval}` : ''
        const judged = joined([...facts, p !== null && pText(p, format)], why)
        return {
          treatment: group,
          verdict,
          seen: facts.filter(Boolean).join(', '),
          text: `${judged}${could}${alone}`,
        }
      })
  }
}

/** Pots that lived: also seen. */
export function survivalSaid(
  survival: NonNullable<ResultsPage['survival']>,
  page: ResultsPage,
  format: Format,
): Said[] {
  return besides(countsSaid(survival, page, format), survival.also, format)
}

function countsSaid(
  counts: CountsView,
  page: ResultsPage,
  format: Format,
): (Said & { readonly seen: string })[] {
  const [control] = counts.groups
  return counts.treatments.map(({ group, p, verdict, reason }) => {
    const mine = counts.groups[group]
    const facts =
      mine && control
        ? [
            words.against(
              words.dots.ofTotal(mine.count, mine.total),
              `${words.dots.ofTotal(control.count, control.total)} (${page.treatments[0]?.name ?? ''})`,
            ),
          ]
        : []
    return {
      treatment: group,
      verdict,
      seen: facts.join(', '),
      text: joined(
        facts.length > 0 ? [...facts, pText(p, format)] : [],
        reason && because(reason, words.because.small),
      ),
    }
  })
}

/** As good as far as it can tell, and cheaper: by so much of a litre's price, 0 to 1; null where it is not so. */
export function cheaperBy(
  said: Said,
  { treatments }: Pick<ResultsPage, 'treatments'>,
): number | null {
  const [control, mine] = [treatments[0], treatments[said.treatment]]
  if (said.verdict !== 'no-difference' || !control?.costPerLitre || !mine?.costPerLitre) return null
  if (control.isCostPartial || mine.isCostPartial) return null
  const less = 1 - mine.costPerLitre / control.costPerLitre
  return less >= CHEAPER ? less : null
}

/** What may be handed on first: what was better, else what is as good and cheaper, else the control. */
export function suggestedTreatment(page: ResultsPage): TreatmentOutcome | undefined {
  const { deciding } = page
  const view = deciding.isShown
    ? page.results.find(({ measure }) => measure === deciding.measure)
    : undefined
  const verdicts = view ? verdictsOf(view) : []
  const better = verdicts.filter(({ verdict }) => verdict === 'better')
  const means = view?.by === 'means' ? view.groups.groups : []
  const sign = view?.wish === 'less' ? -1 : 1
  const [best] = better.sort(
    (a, b) =>
      sign *
      ((means[b.treatment]?.description?.mean ?? 0) - (means[a.treatment]?.description?.mean ?? 0)),
  )
  const cheaper = verdicts.find((one) => cheaperBy({ ...one, text: '' }, page) !== null)
  return page.treatments[(best ?? cheaper)?.treatment ?? 0]
}

function verdictsOf(view: MeasureView): Omit<Said, 'text'>[] {
  switch (view.by) {
    case 'means':
      return view.groups.treatments.map(({ group, verdict }) => ({ treatment: group, verdict }))
    case 'counts':
      return view.counts.treatments.map(({ group, verdict }) => ({ treatment: group, verdict }))
    case 'sides':
      return view.sides.map(({ treatment, result }) => ({ treatment, verdict: result.verdict }))
  }
}

function because(reason: VerdictReason, noP: string): string {
  switch (reason) {
    case 'void':
      return words.because.void
    case 'too-small':
      return words.because.small
    case 'few-trays':
      return words.because.fewTrays
    case 'no-p':
      return noP
  }
}

function joined(facts: readonly (string | null | false | undefined)[], why: string | null): string {
  const sentence = facts.filter(Boolean).join(', ')
  return why ? `${sentence ? `${sentence}: ` : ''}${why}.` : `${sentence}.`
}

function signed(value: number, write: (value: number) => string): string {
  return `${value > 0 ? '+' : value < 0 ? '−' : ''}${write(Math.abs(value))}`
}

function percentOf(percentOfControl: number, format: Format): string {
  const change = percentOfControl - PERCENT
  return `${change > 0 ? '+' : change < 0 ? '−' : '±'}${format.number(Math.abs(change))} %`
}
