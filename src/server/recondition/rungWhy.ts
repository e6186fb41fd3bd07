import { type LadderInput, type Rung, waterLostIn } from '../../core/recondition'
import { whyInput as of, type Why } from '../../core/why'
import type { RungRow } from '../../messages/recondition/ladder'

/** Where the numbers of one way come from: its recipe's reasons, and what the ladder adds to them. */
export function rungWhy(
  { recipe, airRange, nCoverageRange, inningsLeft, daysBetweenWaterings, minutes }: Rung,
  { crop, container, climate }: LadderInput,
): Partial<Record<RungRow, Why>> {
  if (!recipe) return {}
  const { why } = recipe
  const { exposureFactor } = climate
  const { canopyCm2, kc, et0MmPerDay, lossLPerDay } = waterLostIn(
    crop,
    container,
    climate,
    exposureFactor,
  )
  const ranged = (one: Why | undefined, range: Rung['airRange']): Why | undefined =>
    one && range ? { ...one, range: [range.p10, range.p90] } : one
  const rows: Partial<Record<RungRow, Why | undefined>> = {
    air: ranged(why.air, airRange),
    ph: why.ph,
    ec: why.ec,
    nitrogen: ranged(why['dose.fertilizer'], nCoverageRange),
    cost: why.cost,
    weight: why.weight,
    days: {
      rule: 'mix.days',
      source: 'drift',
      inputs: [
        of('usableWater', (daysBetweenWaterings ?? 0) * lossLPerDay, 'L'),
        of('canopy', canopyCm2, 'cm²'),
        of('et0', et0MmPerDay, 'mm/d'),
        of('cropFactor', kc, 'times'),
        of('exposure', exposureFactor, 'times'),
        of('waterLost', lossLPerDay, 'L'),
      ],
    },
    work: {
      rule: 'work',
      source: 'ours',
      inputs: [of('partLitres', recipe.partLitres, 'L'), of('minutes', minutes, 'text')],
    },
    innings: {
      rule: 'innings',
      source: 'ageing',
      inputs: [
        of('airReached', recipe.predicted.airFraction, 'share'),
        of('airMin', crop.airMinPercent / 100, 'share'),
        of('seasonTemp', climate.seasonMeanTempC, '°C'),
        of('estimate', inningsLeft, 'times'),
      ],
    },
  }
  return Object.fromEntries(Object.entries(rows).filter(([, one]) => one)) as Partial<
    Record<RungRow, Why>
  >
}
