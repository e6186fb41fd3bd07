import type { TrialLink } from '../../messages/trials/trialViews'
import { common } from '../../ui/texts/common'
import { trialVerdicts as words } from '../../ui/texts/trials/trialVerdicts'

/** Trials that something is part of, each with the way to it. */
export function InTrials({ trials }: { readonly trials: readonly TrialLink[] }) {
  if (trials.length === 0) return null
  return (
    <p>
      {common.inTrial}:{' '}
      {trials.map(({ trialId, name, as, verdict, isVoid }, index) => (
        <span key={`${trialId} ${as}`}>
          {index > 0 && ', '}
          <a href={`/trials/${trialId}`}>{name}</a> ({as}
          {isVoid ? `, ${words.void}` : verdict && `, ${words.verdicts[verdict]}`})
        </span>
      ))}
    </p>
  )
}
