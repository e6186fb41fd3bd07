import { aboveFiller, type ContainerShape } from '../../core/containers'
import { refuseField } from '../problem'

/**
 * Where mix can stand in a pot with a filler of that height.
 * @throws Refused at the filler where it leaves no room, or the pot is a basket
 */
export function shapeWithFiller(
  shape: ContainerShape,
  fillerCm: number,
  headspaceCm: number,
): ContainerShape {
  if (fillerCm > 0 && shape.kind === 'bowl') {
    refuseField('fillerCm', 'A filler is for pots with walls: leave it out of a basket.')
  }
  if (fillerCm > 0 && fillerCm + headspaceCm >= shape.heightCm) {
    refuseField('fillerCm', 'The filler and the gap to the rim leave no room for mix.')
  }
  return aboveFiller(shape, fillerCm)
}
