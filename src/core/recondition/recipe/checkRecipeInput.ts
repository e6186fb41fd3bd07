import { type ContainerShape, requireShape } from '../../containers'
import { DomainError } from '../../errors'
import { groupById, groupOfCrop } from '../../mixes'
import { requireNumber, requireObject, requireOneOf } from '../../validate'
import { mostAggregate } from './aggregateScore'
import {
  DEFAULT_COMPOST_SHARE,
  DEFAULT_LIMITS,
  type LotMeasured,
  type RecipeInput,
  type RecipeLimits,
} from './recipeTypes'

/**
 * Checks what a recipe is asked for.
 * @returns the limits, with the usual ones where none are set
 * @throws DomainError `unsuitable` for a crop that is never planted into used mix, with its plant group,
 *   `bad-argument` for a lot given up by triage, `too-few` with neither lot nor base,
 *   `out-of-range` for impossible amounts
 */
export function checkRecipeInput(input: RecipeInput): RecipeLimits {
  requireObject('The recipe', input)
  requireNumber('The litres wanted', input.litresWanted, { above: 0, max: 100_000 })
  requireObject('The container', input.container)
  requireShape(input.container.shape)
  requireNumber('The fill height in cm', input.container.fillHeightCm, {
    above: 0,
    max: input.container.shape.heightCm,
  })
  requireObject('The crop', input.crop)
  requireObject('The school', input.school)
  requireOneOf('The kind of feed', input.school.feed, ['organic', 'coated', 'soluble'] as const)
  requireNumber('The compost share', input.school.compostShare ?? DEFAULT_COMPOST_SHARE, {
    min: 0,
    max: 0.9,
  })
  requireObject('The stock', input.stock)
  const limits: RecipeLimits = {
    ...DEFAULT_LIMITS,
    maxAggregateShare: mostAggregate(input.crop, DEFAULT_LIMITS.maxAggregateShare),
    ...input.limits,
  }
  if (limits.settlingShare !== null) {
    requireNumber('The settling share', limits.settlingShare, { min: 0, below: 0.9 })
  }
  requireNumber('The share lost in cleaning', limits.cleaningLossShare, { min: 0, below: 1 })
  if (input.school.aggregateShare !== undefined) {
    requireNumber('The aggregate share', input.school.aggregateShare, { min: 0, max: 0.9 })
  }
  for (const key of ['maxCompostShare', 'maxAggregateShare', 'maxFreshShare'] as const) {
    requireNumber(`The limit ${key}`, limits[key], { min: 0, max: 0.95 })
  }
  if (input.watering) {
    const { everyDays, lossLPerDay, refillSuctionCm } = input.watering
    requireNumber('The days between waterings', everyDays, { above: 0, max: 365 })
    requireNumber('The water lost in L a day', lossLPerDay, { min: 0, max: 10_000 })
    requireNumber('The refill suction in cm', refillSuctionCm, { above: 0, max: 15_000 })
  }
  if (!input.lot && !input.base) {
    throw new DomainError('too-few', 'Choose a lot to recondition, or a base to start from.')
  }
  if (input.lot) {
    requireMeasured(input.lot.measured ?? {})
    requireNumber('The litres of the lot', input.lot.litres, { above: 0, max: 100_000 })
    if (input.crop.freshOnly) {
      const group = groupOfCrop(input.crop)
      throw new DomainError(
        'unsuitable',
        `${input.crop.name} does not grow in used mix: not from this lot. Make a fresh mix for it from its plant group’s own start.`,
        { field: 'crop', plantGroup: group, startsFrom: groupById(group)?.starts ?? [] },
      )
    }
    if (input.crop.kind === 'seedling' && input.lot.triage?.forSeedlings === false) {
      throw new DomainError(
        'unsuitable',
        'What was found in this lot harms seedlings: not from this lot. Make a fresh mix for them from their plant group’s own start.',
        {
          field: 'crop',
          plantGroup: 'seedlings',
          startsFrom: groupById('seedlings')?.starts ?? [],
        },
      )
    }
    const verdict = input.lot.triage?.verdict
    if (verdict === 'compost' || verdict === 'discard') {
      throw new DomainError('bad-argument', 'This lot was given up: it gets no recipe.', {
        verdict,
      })
    }
  }
  return limits
}

function requireMeasured(measured: LotMeasured): void {
  const { airFraction, columnShape, fillHeightCm, totalPorosity, ksCmPerS, sieveLossShare } =
    measured
  if (airFraction !== undefined) {
    requireNumber('The air measured', airFraction, { above: 0, below: 0.98 })
    requireObject('The column of the test', columnShape)
    requireShape(columnShape as ContainerShape)
    requireNumber('The fill height of the test in cm', fillHeightCm, { above: 0, max: 500 })
  }
  if (totalPorosity !== undefined) {
    requireNumber('The pores measured', totalPorosity, { above: airFraction ?? 0.05, below: 0.99 })
  }
  if (ksCmPerS !== undefined) requireNumber('The conductivity measured', ksCmPerS, { above: 0 })
  if (sieveLossShare !== undefined) {
    requireNumber('The share held back by the sieve', sieveLossShare, { min: 0, below: 1 })
  }
}
