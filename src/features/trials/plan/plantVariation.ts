import type { VariedView } from '../../../messages/trials/trialViews'
import type { TrialValues } from './trialValues'

const USUAL_CV = '20'

/**
 * How much plants vary among themselves, percent, as it was typed; else as a trial of the same crop by the same measure
 * found it, else as is usual.
 */
export function plantVariation(
  { cv, cropId, measures }: Pick<TrialValues, 'cv' | 'cropId' | 'measures'>,
  varied: readonly VariedView[],
): { readonly cv: string; readonly from: VariedView | null } {
  if (cv.trim() !== '') return { cv, from: null }
  for (const measure of measures) {
    const from = varied.find((one) => one.cropId === cropId && one.measure === measure)
    if (from && cropId) return { cv: String(Math.max(1, Math.round(from.cv))), from }
  }
  return { cv: USUAL_CV, from: null }
}
