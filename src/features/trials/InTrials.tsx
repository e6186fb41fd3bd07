import type { TrialLink } from '../../messages/trials/trialViews'
import { common } from '../../ui/texts/common'

/** Trials that something is part of, each with the way to it. */
export function InTrials({ trials }: { readonly trials: readonly TrialLink[] }) {
  if (trials.length === 0) return null
  return (
    <p>
      {common.inTrial}:{' '}
      {trials.map(({ trialId, name, as }, index) => (
        <span key={`${trialId} ${as}`}>
          {index > 0 && ', '}
          <a href={`/trials/${trialId}`}>{name}</a> ({as})
        </span>
      ))}
    </p>
  )
}
