import type { NewTrialBody } from '../../../messages/trials/trials'
import type { NewTrialPage, PotSizeView } from '../../../messages/trials/trialViews'
import type { BodyOf } from '../../../ui/request'
import { numberOrTyped } from '../../readNumber'
import { plantVariation } from './plantVariation'
import { chosenOf, mediumOf } from './trialMedia'
import { decidingOf, listOf, sowsAny, type TrialValues, treatmentName } from './trialValues'

/** The treatments as they are sent, the control first. */
function treatmentsOf(values: TrialValues, page: NewTrialPage, usualName: string) {
  const { kind, medium, added } = values
  const plain = { medium: mediumOf(medium), added: null, potSize: null, care: '', risks: [] }
  if (kind === 'dose') {
    return listOf(values.doses).map((dose) => ({
      ...plain,
      name: `${dose} %`,
      dose,
      added: dose !== 0 ? (mediumOf(added) ?? null) : null,
      risks: dose === 0 ? [] : values.addedRisks,
    }))
  }
  const control = {
    ...plain,
    name: values.controlName.trim() || usualName,
    dose: 0,
    care: values.controlCare,
  }
  const others = values.treatments.map((one) => ({
    name: treatmentName(page, one),
    medium: mediumOf(one.medium || medium),
    added: null,
    dose: 0,
    potSize: values.isOwn ? null : (sizeOf(page, one.size) ?? null),
    care: one.care.trim() || values.controlCare,
    risks: one.risks,
  }))
  return [control, ...others]
}

function sizeOf(page: NewTrialPage, name: string) {
  const size = page.sizes.find((one) => one.name === name)
  return size && bare(size)
}

const bare = ({ name, shape, headspaceCm }: PotSizeView) => ({ name, shape, headspaceCm })

/** What is sent: what is no number goes as it was typed, so that the server names its field. */
export function bodyOf(
  values: TrialValues,
  page: NewTrialPage,
  usualName: string,
): BodyOf<'POST /api/trials'> {
  const { kind } = values
  const size = page.sizes.find(({ name }) => name === values.size) ?? page.sizes[0]
  const deciding = decidingOf(values, page.crops)
  return {
    kind: kind || undefined,
    name: values.name,
    question: values.question,
    wish: values.wish,
    must: values.must || undefined,
    mustValue: numberOrTyped(values.mustValue),
    measures: values.measures,
    decides: deciding.measure,
    decidesDay: deciding.day,
    checkDays: listOf(values.checkDays),
    cropId: kind === 'side-by-side' || !sowsAny(values) ? null : values.cropId || null,
    crops: kind === 'side-by-side' ? values.crops : [],
    how: values.how,
    perPot: sowsAny(values) ? numberOrTyped(values.perPot) : 0,
    pots: numberOrTyped(values.pots),
    blocks: values.blocks,
    isBlind: values.isBlind,
    place: values.place,
    potSize: size && bare(size),
    potIds: values.isOwn ? values.potIds : [],
    protocol: {
      presoakHours: numberOrTyped(values.presoak),
      depthCm: numberOrTyped(values.depth),
      bottomWater: values.bottomWater,
      light: values.light,
    },
    cv: numberOrTyped(plantVariation(values, page.varied).cv),
    treatments: treatmentsOf(values, page, usualName),
  }
}

/** An earlier plan as it would be typed. */
export function valuesOf(plan: NewTrialBody): TrialValues {
  const [control, ...others] = plan.treatments
  const [dosed] = plan.treatments.filter(({ added }) => added !== null)
  return {
    kind: plan.kind,
    question: plan.question,
    name: plan.name,
    wish: plan.wish,
    controlName: control?.name ?? '',
    medium: chosenOf(control?.medium ?? null),
    controlCare: control?.care ?? '',
    must: plan.must,
    mustValue: String(plan.mustValue),
    treatments: others.map((one, index) => ({
      key: index + 1,
      name: one.name,
      medium: chosenOf(one.medium),
      size: one.potSize?.name ?? '',
      care: one.care === control?.care ? '' : one.care,
      risks: one.risks,
    })),
    added: chosenOf(dosed?.added ?? null),
    addedRisks: dosed?.risks ?? [],
    doses: plan.treatments.map(({ dose }) => dose).join(', '),
    isSown: plan.perPot > 0 || plan.kind !== 'count',
    cropId: plan.cropId ?? '',
    crops: plan.crops,
    how: plan.how,
    perPot: String(plan.perPot),
    pots: String(plan.pots),
    isOwn: false,
    size: plan.potSize.name,
    potIds: [],
    place: plan.place,
    blocks: plan.blocks,
    isBlind: plan.isBlind,
    presoak: String(plan.protocol.presoakHours),
    depth: String(plan.protocol.depthCm),
    bottomWater: plan.protocol.bottomWater,
    light: plan.protocol.light,
    measures: plan.measures,
    decides: plan.decides ?? '',
    decidesDay: plan.decidesDay === null ? '' : String(plan.decidesDay),
    checkDays: plan.checkDays.join(', '),
    cv: String(plan.cv),
  }
}
