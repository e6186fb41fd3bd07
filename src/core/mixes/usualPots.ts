import type { ContainerShape } from '../containers'
import type { PlantGroupId } from './plantGroups'

/** What plants of a group usually stand in. */
export interface UsualPot {
  readonly name: string
  readonly shape: ContainerShape
  readonly headspaceCm: number
}

const round = (top: number, base: number, height: number): ContainerShape => ({
  kind: 'round',
  topDiameterCm: top,
  baseDiameterCm: base,
  heightCm: height,
})

/** Where a mix for a group is designed first; a group that is not in it takes the garden's own pots. */
export const USUAL_POTS: Readonly<Partial<Record<PlantGroupId, UsualPot>>> = {
  seedlings: {
    name: 'Seed tray',
    shape: {
      kind: 'rectangular',
      topLengthCm: 38,
      topWidthCm: 24,
      baseLengthCm: 35,
      baseWidthCm: 21,
      heightCm: 6,
    },
    headspaceCm: 0.5,
  },
  succulents: { name: 'Shallow bowl', shape: round(20, 16, 9), headspaceCm: 1 },
  'airy-moist': { name: 'Small pot', shape: round(12, 9, 11), headspaceCm: 1 },
  epiphytes: { name: 'Orchid pot', shape: round(14, 10, 12.5), headspaceCm: 1.5 },
  baskets: {
    name: 'Hanging basket',
    shape: { kind: 'bowl', rimDiameterCm: 35, heightCm: 18 },
    headspaceCm: 2,
  },
  'long-stay': { name: 'Large pot', shape: round(45, 36, 40), headspaceCm: 4 },
}
