import type { ContainerShape } from '../../core/containers'
import type { Exposure } from '../../core/season'
import type { DemoContainer } from './scenario'

const row = (
  from: number,
  to: number,
  name: string,
  [place, exposure]: readonly [string, Exposure],
  shape: ContainerShape,
  headspaceCm: number,
): DemoContainer[] =>
  Array.from({ length: to - from + 1 }, (_, i) => ({
    code: `P${from + i}`,
    name,
    place,
    shape,
    headspaceCm,
    exposure,
  }))

const round = (top: number, base: number, height: number): ContainerShape => ({
  kind: 'round',
  topDiameterCm: top,
  baseDiameterCm: base,
  heightCm: height,
})
const box = (length: number, width: number, height: number): ContainerShape => ({
  kind: 'rectangular',
  topLengthCm: length,
  topWidthCm: width,
  baseLengthCm: length - 2,
  baseWidthCm: width - 2,
  heightCm: height,
})

const DOOR = ['By the door', 'open'] as const
const FLIGHT = ['Upper flight', 'windy'] as const
const LANDING = ['North landing', 'shade'] as const
const DECK = ['Crane deck', 'windy'] as const
const WALL = ['South wall', 'windy'] as const

/** Pots beside those that the stories tell of. */
export const MORE_POTS: readonly DemoContainer[] = [
  ...row(13, 18, 'Ladder pot', WALL, round(20, 15, 18), 2),
  ...row(19, 24, 'Herb pot', DOOR, round(18, 13, 16), 1.5),
  ...row(25, 26, 'Celery vat', DECK, box(60, 25, 24), 2.5),
  ...row(27, 32, 'Rail pot', LANDING, round(26, 20, 22), 2),
  ...row(33, 34, 'Bay planter', DOOR, round(40, 32, 38), 3),
  ...row(35, 35, 'Hydrangea planter', LANDING, round(44, 34, 36), 3),
  ...row(36, 36, 'Apple barrel', DECK, round(50, 40, 45), 4),
  ...row(37, 40, 'Shallow pan', FLIGHT, { kind: 'bowl', rimDiameterCm: 34, heightCm: 15 }, 1.5),
  ...row(41, 44, 'Crate', WALL, box(50, 32, 24), 2.5),
  ...row(45, 48, 'Tray', LANDING, box(60, 40, 16), 2),
  ...row(49, 56, 'Row pot', FLIGHT, round(16, 12, 14), 1.5),
  ...row(57, 60, 'Spare pot', DECK, round(28, 22, 26), 2),
]
