import type { Material } from './material'

/**
 * What decayed organic matter turns into: the shipped row, for computations that age a mix and were not handed the
 * garden's own row. (A test keeps it equal to the shipped table.)
 */
export const HUMIFIED_FINES: Material = {
  id: 'humified-fines',
  name: 'Humified fines',
  group: 'breakdown product',
  bulkDensity: 0.45,
  totalPorosity: 0.78,
  interPorosity: 0.38,
  grainMm: 0.4,
  curve: { thetaS: 0.78, thetaR: 0.32, alpha: 0.05, n: 1.35 },
  ksCmPerS: 0.003,
  decayPerYear: 0.08,
  pH: 6.4,
  limeBuffer: 2.6,
  freeLimeGPerL: 0,
  ec1to2: 0.6,
  cToN: 15,
  nPercentDry: 1.8,
  nReleaseSeason: 0.03,
  entryCm: null,
  nDrawdown: 0,
  labileShare: 0,
  maxShare: null,
  settlePercent: 6,
  shedsBelow: 0.12,
  starterNMgPerL: 0,
  dustHazard: 'low',
  peat: false,
  note: 'What decomposed organic matter turns into',
}
