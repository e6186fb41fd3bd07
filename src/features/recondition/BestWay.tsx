import type { Ladder, LadderPriorities } from '../../core/recondition'
import type { LadderPage, RungView } from '../../messages/recondition/ladder'
import { useSite } from '../../ui/SiteContext'
import { ladder as words } from '../../ui/texts/ladder'

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
  const saved = (fresh?.cost ?? 0) - (rung?.cost ?? 0)
  const alone = page.rungs.filter((one) => one.allowed && fits(one, page))
  const reason =
    alone.length === 1 && alone[0]?.id === best.id && best.reason !== 'only-one'
      ? words.best.onlyFit
      : words.best.reasons[best.reason]
  return (
    <p>
      <strong>{words.names[best.id]}</strong> {words.best.fits(orderOf(priorities))}
      {reason}
      {rung?.warnings.includes('litres') &&
        rung.litres !== null &&
        `; ${words.best.short(
          format.plain(format.litres(rung.litres)),
          format.plain(format.litres(page.litresWanted)),
        )}`}
      {best.id !== 'replace' && saved > 0 && `; ${words.best.lessThanNew(format.money(saved))}`}.
    </p>
  )
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

function fits({ airFraction, ph, ecSme }: RungView, { crop }: LadderPage): boolean {
  return (
    airFraction !== null &&
    airFraction >= crop.airMin - 1e-6 &&
    ph !== null &&
    ph >= crop.pHLow - 0.05 &&
    ph <= crop.pHHigh + 0.05 &&
    (ecSme ?? 0) <= crop.ecMaxSme
  )
}
