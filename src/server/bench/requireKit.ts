import type { TestKit } from '../../core/bench'
import { containerVolume, heightForVolume, type RoundShape } from '../../core/containers'
import { Refused } from '../problem'

/**
 * A kit that can be used: the mix fits its column with room for the water, and the mark lies below what is poured.
 * @throws Refused 422 at the field
 */
export function requireKit(kit: TestKit): void {
  const { columnShape, mixLitres, pouredMl, markMl, porosityShape, porosityLitres } = kit
  const holds = (shape: TestKit['columnShape']) =>
    containerVolume({ shape, fillHeightCm: shape.heightCm })
  if (mixLitres > holds(columnShape)) {
    refuse('mixLitres', `The column holds ${litres(holds(columnShape))} to its rim.`)
  }
  if (porosityLitres > holds(porosityShape)) {
    refuse('porosityLitres', `The pot for pores holds ${litres(holds(porosityShape))} to its rim.`)
  }
  if (markMl >= pouredMl) refuse('markMl', 'The mark has to lie below what is poured.')
  const room = holds(columnShape) - mixLitres
  // Half of it may sink in while the rest is still poured.
  if (pouredMl / 1000 > 2 * room) {
    const headspace =
      (columnShape as RoundShape).heightCm -
      heightForVolume({ shape: columnShape, litres: mixLitres })
    refuse(
      'pouredMl',
      `Above the mix there are ${headspace.toFixed(1)} cm (${litres(room)}): so much water would run over the rim.`,
    )
  }
}

function refuse(field: string, message: string): never {
  throw new Refused(422, 'not-valid', message, [{ field: `kit.${field}`, message }])
}

function litres(value: number): string {
  return `${value.toFixed(1)} L`
}
