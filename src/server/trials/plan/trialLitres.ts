import { type ContainerShape, containerVolume } from '../../../core/containers'
import { NotFound } from '../../../data/errors'
import type { TrialTreatment } from '../../../data/trials'
import type { OpenDatabase } from '../../database'
import { sinksOf, type Tables } from '../../lots'
import { blended, knownMedium } from './media'

type Pot = { readonly shape: ContainerShape; readonly headspaceCm: number }

const PERCENT = 100
/** Of a mix that nothing is known of: about that of a bag. */
const USUAL_SINKS = 0.08

/**
 * Loose mix that stands at the gap to the rim once it has settled, L.
 * @param sinks share of its volume that the mix loses when it is watered in
 */
export function looseLitres(pot: Pot, sinks: number): number {
  return settledLitres(pot) / (1 - sinks)
}

/** At the gap to the rim, L. */
export function settledLitres({ shape, headspaceCm }: Pot): number {
  return containerVolume({ shape, fillHeightCm: shape.heightCm - headspaceCm })
}

/** How far the mix of a treatment sinks when it is watered in, by what it is made of. */
export async function treatmentSinks(
  db: OpenDatabase,
  tables: Tables,
  { medium, added, dose }: Pick<TrialTreatment, 'medium' | 'added' | 'dose'>,
): Promise<number> {
  try {
    const base = await knownMedium(db, tables, medium)
    const more = added ? await knownMedium(db, tables, added) : null
    const components = blended(base.components, more?.components ?? [], added ? dose / PERCENT : 0)
    return components.length > 0 ? sinksOf(components) : USUAL_SINKS
  } catch (error) {
    // Put away since: planting it tells that, the plan can still be read.
    if (!(error instanceof NotFound)) throw error
    return USUAL_SINKS
  }
}
