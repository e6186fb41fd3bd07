import { DomainError } from '../errors'
import { requireNumber, requireObject } from '../validate'
import { isNeverFed, nitrogenBudget } from './nitrogenBudget'
import type { NitrogenBudgetInput } from './nitrogenFlows'
import { blendEc, convertEc, EC_PER_SALT_INDEX, saltsReleased } from './salts'
import type { Amendment } from './tables'

export type DoseLimit = 'never-feed' | 'none-needed' | 'need' | 'salt' | 'label'

export interface FertilizerDose {
  readonly gPerL: number
  readonly limitedBy: DoseLimit
  readonly labelGPerL: number
  /** Highest dose below the crop's salt ceiling; null where the fertilizer brings no salts. */
  readonly saltGPerL: number | null
  readonly coverage: number
  readonly coverageBefore: number
  readonly firstShortWeek: number | null
  readonly missingMgPerL: number
}

/** Salts set free within this time count against the ceiling. */
const SALT_WEEKS = 4
const SALT_TEMP_C = 20
const DOSE_TOLERANCE_G_PER_L = 1e-6

/**
 * The smallest dose of a fertilizer that meets the crop's nitrogen demand, within its label and the salt ceiling.
 * The last few per cent cost most, so 95 % is asked for by default.
 * @throws DomainError `bad-argument` for a fertilizer without nitrogen or without a label rate
 */
export function fertilizerDose({
  fertilizer,
  targetCoverage = 0.95,
  ecCeilingSme,
  ...budgetInput
}: NitrogenBudgetInput & {
  readonly fertilizer: Amendment
  readonly targetCoverage?: number
  readonly ecCeilingSme?: number
}): FertilizerDose {
  requireObject('The fertilizer', fertilizer)
  requireObject('The crop', budgetInput.crop)
  requireNumber('The coverage wanted', targetCoverage, { above: 0, max: 1 })
  if (!(fertilizer.rateHighGPerL > 0) || !(fertilizer.nPercent > 0)) {
    throw new DomainError('bad-argument', `${fertilizer.name} is not a fertilizer to mix in.`)
  }
  const amendments = budgetInput.amendments ?? []
  const labelGPerL = fertilizer.rateHighGPerL
  const saltGPerL = saltLimit()
  const budgetWith = (gPerL: number) =>
    nitrogenBudget({
      ...budgetInput,
      amendments: gPerL > 0 ? [...amendments, { amendment: fertilizer, gPerL }] : amendments,
    })
  const before = budgetWith(0)
  const outcome = (limitedBy: DoseLimit, gPerL: number): FertilizerDose => {
    const after = gPerL > 0 ? budgetWith(gPerL) : before
    return {
      gPerL,
      limitedBy,
      labelGPerL,
      saltGPerL,
      coverage: after.coverage,
      coverageBefore: before.coverage,
      firstShortWeek: after.firstShortWeek,
      missingMgPerL: after.missingMgPerL,
    }
  }

  if (isNeverFed(budgetInput.crop)) return outcome('never-feed', 0)
  if (before.coverage >= targetCoverage) return outcome('none-needed', 0)
  const most = Math.min(labelGPerL, saltGPerL ?? Number.POSITIVE_INFINITY)
  if (budgetWith(most).coverage < targetCoverage) {
    return outcome(saltGPerL !== null && saltGPerL < labelGPerL ? 'salt' : 'label', most)
  }
  let low = 0
  let high = most
  while (high - low > DOSE_TOLERANCE_G_PER_L) {
    const middle = (low + high) / 2
    if (budgetWith(middle).coverage < targetCoverage) low = middle
    else high = middle
  }
  return outcome('need', high)

  function saltLimit(): number | null {
    const perGram =
      EC_PER_SALT_INDEX * fertilizer.saltIndex * saltsReleased(fertilizer, SALT_WEEKS, SALT_TEMP_C)
    if (!(perGram > 0)) return null
    const ceiling = convertEc({
      value: ecCeilingSme ?? budgetInput.crop.ecMaxSme,
      from: 'SME',
      to: '1:2',
    })
    const present = blendEc({
      components: budgetInput.components,
      volumeYield: budgetInput.volumeYield,
      amendments,
    })
    return Math.max(0, (ceiling - present.ec1to2) / perGram)
  }
}
