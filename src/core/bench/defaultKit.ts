import type { TestKit } from './benchTypes'

/** Two litres in a column 14 cm wide, 700 mL poured, and a litre pot for pores: things a kitchen has. */
export const DEFAULT_KIT: TestKit = {
  columnShape: { kind: 'round', topDiameterCm: 14, baseDiameterCm: 14, heightCm: 18 },
  mixLitres: 2,
  pouredMl: 700,
  pourS: 20,
  markMl: 150,
  endS: 900,
  porosityShape: { kind: 'round', topDiameterCm: 13, baseDiameterCm: 10, heightCm: 12 },
  porosityLitres: 1,
  drainMinutes: 60,
  meshMm: 12,
}
