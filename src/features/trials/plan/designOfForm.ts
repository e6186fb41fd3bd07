import {
  type DesignQuestion,
  type DesignToReview,
  reviewDesign,
  type TrialMeasure,
} from '../../../core/trials'
import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { readNumber } from '../../readNumber'
import { plantVariation } from './plantVariation'
import { listOf, sowsAny, type TrialValues, treatmentName } from './trialValues'

const MOST_POTS = 100
const USUAL_SHARE = 0.8
const PERCENT = 100

/** What the core is asked of the design; null while something is missing. */
export function designQuestion(
  values: TrialValues,
  varied: NewTrialPage['varied'] = [],
  decides: TrialMeasure | null = null,
): DesignQuestion | null {
  const { kind } = values
  if (!kind) return null
  const treatments = kind === 'dose' ? listOf(values.doses).length : 1 + values.treatments.length
  const pots = readNumber(values.pots)
  const cv = readNumber(plantVariation(values, varied).cv)
  const isWhole = pots !== null && Number.isInteger(pots) && pots >= 1 && pots <= MOST_POTS
  if (kind === 'side-by-side' && values.crops.length === 0) return null
  if (!isWhole || treatments < 2 || cv === null || cv < 1 || cv > 200) return null
  const seeds = values.how === 'sown' && sowsAny(values) ? (readNumber(values.perPot) ?? 0) : 0
  const must = readNumber(values.mustValue)
  const isShare = values.must === 'germination' && must !== null && must > 0 && must <= PERCENT
  const counts = decides === 'emerged'
  return {
    kind,
    treatments,
    pots,
    blocks: values.blocks,
    crops: values.crops.length,
    seeds: counts && Number.isInteger(seeds) && seeds > 0 ? seeds : 0,
    cv,
    controlShare: isShare ? must / PERCENT : USUAL_SHARE,
  }
}

/** What should be thought over before it is planted; nothing before there is something to think over. */
export function remarksOf(values: TrialValues, page: NewTrialPage, usualName: string) {
  const { kind } = values
  if (!kind) return []
  const pots = readNumber(values.pots) ?? 1
  const days = listOf(values.checkDays).filter((day) => typeof day === 'number')
  const control = { mix: values.medium, dosePercent: 0, pot: '', care: values.controlCare }
  const chosen = values.treatments.filter((one) => one.medium || one.care.trim() || one.size)
  const treatments: DesignToReview['treatments'] =
    kind === 'dose'
      ? listOf(values.doses).map((dose) => ({
          ...control,
          name: `${dose} ${kind === 'dose' ? '%' : 'g/L'}`,
          dosePercent: typeof dose === 'number' ? dose : 0,
        }))
      : [
          { ...control, name: values.controlName.trim() || usualName },
          ...chosen.map((one) => ({
            name: treatmentName(page, one),
            mix: one.medium || values.medium,
            dosePercent: 0,
            pot: values.isOwn || one.size === values.size ? '' : one.size,
            care: one.care.trim() || values.controlCare,
          })),
        ]
  return reviewDesign({ kind, treatments, pots, blocks: values.blocks, checkDays: days })
}

/** Pots that stand empty, and those that hold a lot which is held against something here. */
export function usablePots(values: TrialValues, page: NewTrialPage): NewTrialPage['freePots'] {
  const chosen = new Set([values.medium, ...values.treatments.map(({ medium }) => medium)])
  return page.freePots.filter(
    ({ id, lotId }) => lotId === null || chosen.has(`lot:${lotId}`) || values.potIds.includes(id),
  )
}

/** Pots that it takes in all. */
export function potsNeeded(values: TrialValues): number {
  const { kind } = values
  if (!kind) return 0
  const treatments = kind === 'dose' ? listOf(values.doses).length : 1 + values.treatments.length
  const rows = kind === 'side-by-side' ? values.crops.length : 1
  return treatments * rows * (readNumber(values.pots) ?? 0)
}
