import type { TriageView } from '../../messages/media/found'
import { Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { findings as words } from '../../ui/texts/media/findings'
import { rotationGroupName } from '../../ui/texts/recondition/rotationGroups'

/** What may become of a lot after what was found in it, what to do first, and why. */
export function TriageNotice({ triage }: { readonly triage: TriageView }) {
  const { format, site } = useSite()
  const { verdict, actions, notFor, forFood, forSeedlings, earliestReuse, reasons } = triage
  const givenUp = verdict === 'compost' || verdict === 'discard'
  const { hold, overridden } = triage
  if (verdict === 'reuse' && notFor.length === 0 && !hold && !overridden) return null
  const todo = actions.map((action) => {
    if (action === 'heat' && triage.heat) {
      return words.heatTo(
        `${format.number(triage.heat.tempC)} °C`,
        format.number(triage.heat.minutes),
      )
    }
    if (action === 'skim' && triage.skimCm !== null) {
      return words.skimTo(format.plain(format.cm(triage.skimCm)))
    }
    if (action === 'clear-debris' && triage.debrisTo) return words.debrisTo[triage.debrisTo]
    return words.actions[action]
  })
  // Families that stay out equally long are named together.
  const seasons = [...new Set(notFor.map(({ untilSeason }) => untilSeason))].sort((a, b) => a - b)
  const kept = seasons.map((season) =>
    words.until(
      notFor
        .filter(({ untilSeason }) => untilSeason === season)
        .map(({ rotationGroup }) => rotationGroupName(rotationGroup))
        .join(', '),
      season,
    ),
  )
  const limits = [
    kept.length > 0 ? words.keptOut(kept.join('; ')) : '',
    givenUp || forFood ? '' : words.notFood,
    givenUp || forSeedlings ? '' : words.notSeedlings,
    !hold && earliestReuse && earliestReuse > site.today
      ? words.earliest(format.day(earliestReuse))
      : '',
  ].filter(Boolean)
  return (
    <Notice tone={givenUp ? 'stop' : 'act'}>
      {hold && (
        <p>
          <strong>{words.held[hold.kind](format.day(hold.until))}</strong>{' '}
          {words.heldSince(format.day(hold.since))}
          {hold.note && ` – ${hold.note}`}
        </p>
      )}
      {overridden && (
        <p>
          {words.overridden(
            words.verdicts[overridden.verdict].toLowerCase(),
            format.day(overridden.on),
            overridden.reason,
          )}
        </p>
      )}
      {(verdict !== 'reuse' || limits.length > 0) && (
        <p>
          <strong>
            {words.verdicts[verdict]}
            {!givenUp && todo.length > 0 && ': '}
          </strong>
          {!givenUp && todo.join(', ')}
          {'. '}
          {limits.join(' ')}
        </p>
      )}
      {reasons.length > 0 && (
        <details>
          <summary>{words.why}</summary>
          <ul>
            {reasons.map(({ problemName, rule }) => (
              <li key={problemName}>
                {problemName}: {words.rules[rule]}.
              </li>
            ))}
          </ul>
        </details>
      )}
    </Notice>
  )
}
