import { Stepper } from '../../../ui/Stepper'
import { turnoverWay } from '../../../ui/texts/recondition/intake'

const { names, label } = turnoverWay

/** Where one is on the way of a turnover; what lies behind can be gone back to. */
export function TurnoverSteps({
  now,
  addresses = [],
}: {
  /** 0 found, 1 ways, 2 recipe, 3 work order, 4 next innings, 5 all done. */
  readonly now: number
  readonly addresses?: readonly (string | undefined)[]
}) {
  return (
    <Stepper
      label={label}
      steps={names.map((name, index) => {
        const address = index < now ? addresses[index] : undefined
        return {
          name,
          state: index < now ? 'done' : index === now ? 'now' : 'next',
          ...(address ? { address } : {}),
        }
      })}
    />
  )
}
