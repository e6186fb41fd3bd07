import type { Recipe, RecipeDose } from '../recipe'
import type { CautionId, ScheduleOptions } from './workTypes'

/** Of its label's high rate: above it a meal sets so much ammonia free at first that seedlings burn. */
const RICH_MEAL = 0.5

export function bulkCautions(recipe: Recipe, options: ScheduleOptions): CautionId[] {
  const rows = recipe.parts.flatMap(
    ({ id }) => options.materials?.filter((material) => material.id === id) ?? [],
  )
  const cautions = new Set<CautionId>(['legionella'])
  for (const { id, group, dustHazard } of rows) {
    if (dustHazard !== 'low') cautions.add('dust')
    if (id.startsWith('vermiculite')) cautions.add('asbestos')
    if (id.startsWith('sphagnum')) cautions.add('moss')
    if (group === 'compost') cautions.add('residue')
    if (id.includes('manure')) cautions.add('manure')
  }
  return [...cautions]
}

export function powderCautions(
  doses: readonly RecipeDose[],
  options: ScheduleOptions,
): CautionId[] {
  const cautions = new Set<CautionId>(['dust'])
  for (const { id, role, gPerL } of doses) {
    if (role === 'lime' || role === 'sulfur') cautions.add(role)
    const row = options.amendments?.find((one) => one.id === id)
    if (row?.kind === 'organic fertilizer' || row?.kind === 'coated fertilizer') {
      cautions.add('meals')
    }
    const isRich = row?.kind === 'organic fertilizer' && gPerL > RICH_MEAL * row.rateHighGPerL
    if (isRich && options.crop?.kind === 'seedling') cautions.add('ammonia')
  }
  cautions.add('label')
  return [...cautions]
}
