import type { Ladder, LadderPriorities } from '../../../core/recondition'
import type { LadderPage, RungView } from '../../../messages/recondition/ladder'
import { useSite } from '../../../ui/SiteContext'
import { ladder as words } from '../../../ui/texts/recondition/ladder'

/** The way that fits what the grower puts first, and why, in a sentence. */
export function BestWay({
  page,
  best,
  priorities,
}: {
  readonly page: LadderPage
  readonly best: Ladder['best']
  readonly priorities: LadderPriorities
}) {
  const { format } = useSite()
  if (!best) return <p>{words.best.none}</p>
  const rung = page.rungs.find(({ id }) => id === best.id)
  const fresh = page.rungs.find(({ id }) => id === 'replace')
  const isPriced = best.isByCost && fresh?.unpriced.length === 0
  const saved = isPriced ? (fresh?.cost ?? 0) - (rung?.cost ?? 0) : 0
  const standing = page.rungs.filter((one) => one.allowed && one.fails.length === 0)
  const lackedByAll = rung?.unpricedNames ?? []
  const isAlone = standing.length === 1 && best.reason === 'only-one' && best.fails.length === 0
  const others = page.rungs.filter(({ allowed }) => allowed).length > 1
  const reason = isAlone && others ? words.best.onlyFit : words.best.reasons[best.reason]
  const sentences = [
    reason,
    ...(best.fails.length > 0
      ? [words.best.failing(list(best.fails.map((one) => words.best.fails[one])))]
      : []),
    ...(rung?.litres != null && rung.litres < ENOUGH_LITRES * page.litresWanted
      ? [
          words.best.short(
            format.plain(format.litres(rung.litres)),
            format.plain(format.litres(page.litresWanted)),
          ),
        ]
      : []),
    ...(best.id !== 'replace' && saved > 0 ? [words.best.lessThanNew(format.money(saved))] : []),
    ...(best.isByCost || priorities.cost === 0
      ? []
      : [words.best.withoutPrices(list(unpricedIn(page.rungs)))]),
    ...(best.isByCost && priorities.cost > 0 && lackedByAll.length > 0
      ? [words.best.lackedByAll(list(lackedByAll))]
      : []),
  ]
  return (
    <p>
      <strong>{words.names[best.id]}</strong> {words.best.fits(orderOf(priorities))}
      {sentences.join('; ')}.
    </p>
  )
}

/** Less than this share of what was wanted is told. */
const ENOUGH_LITRES = 0.97

function unpricedIn(rungs: readonly RungView[]): string[] {
  return [...new Set(rungs.flatMap(({ allowed, unpricedNames }) => (allowed ? unpricedNames : [])))]
}

function list(names: readonly string[]): string {
  const last = names.at(-1) ?? ''
  return names.length > 1 ? `${names.slice(0, -1).join(', ')}${words.best.alike}${last}` : last
}

/** What comes first, by name: "growth, then money and work". */
function orderOf(priorities: LadderPriorities): string {
  const { inSentence, nothing } = words.priorities
  const weights = (['yield', 'cost', 'effort'] as const).filter((one) => priorities[one] > 0)
  const steps = [...new Set(weights.map((one) => priorities[one]))].sort((a, b) => b - a)
  if (steps.length === 0) return nothing
  return steps
    .map((step) =>
      weights
        .filter((one) => priorities[one] === step)
        .map((one) => inSentence[one])
        .join(words.best.alike),
    )
    .join(words.best.afterThat)
}
