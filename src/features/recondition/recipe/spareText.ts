import type { SurplusUse } from '../../../core/recondition'
import type { Format } from '../../../ui/format'
import { ladder } from '../../../ui/texts/recondition/ladder'

/** Less of a bed nobody measures. */
const LEAST_M2 = 0.1

/** What may become of old mix that no pot takes, in a sentence. */
export function spareText(use: SurplusUse, format: Format): string {
  if (use.id === 'bed') return ladder.spare.bed(format.plain(format.litres(use.soilLitres)))
  const { depthCm, squareMetres } = use
  if (squareMetres < LEAST_M2) return ladder.spare.little
  return ladder.spare.mulch(format.plain(format.cm(depthCm)), format.number(squareMetres, 1))
}
