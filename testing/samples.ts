import type { ContainerShape } from '../src/core/containers'
import { crop, material } from './tables'

/** A usual pot, filled to 2.5 cm below its rim. */
export const POT: ContainerShape = {
  kind: 'round',
  topDiameterCm: 24,
  baseDiameterCm: 18,
  heightCm: 22.5,
}

/** A mix's place and crop, all but what it is made of. */
export const MIX_SETTING = {
  container: { shape: POT, fillHeightCm: 20 },
  crop: crop('strawberry'),
  place: {
    latitudeDeg: 50.4,
    dayOfYear: 196,
    tMinC: 13,
    tMaxC: 20,
    seasonMeanTempC: 15,
    growing: [105, 135, 166, 196, 227, 258, 288].map((dayOfYear) => ({
      dayOfYear,
      tMinC: 10,
      tMaxC: 18,
      rainMm: 60,
    })),
    exposureFactor: 1,
  },
  humifiedFines: material('humified-fines'),
}
