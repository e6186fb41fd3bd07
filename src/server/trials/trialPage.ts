import { changesFromControl, protocolSteps } from '../../core/trials'
import { NotFound } from '../../data/errors'
import { readSite } from '../../data/site'
import { readTrial, type Trial, type TrialTreatment } from '../../data/trials'
import type { TrialPage, TrialTreatmentView } from '../../messages/trials/trialViews'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import type { Tables } from '../lots'
import { readTables } from '../tables'
import { courseOf, isStillIn } from './look/courseOf'
import { checksOf, stateOf } from './look/schedule'
import { candidateChecks } from './plan/candidateChecks'
import { blended, knownMedium, measuredOut, mediumName } from './plan/media'
import { looseLitres, settledLitres, treatmentSinks } from './plan/trialLitres'
import { decidingOf } from './plan/trialQuestion'
import { controlOf } from './results/controlOf'
import { seedlingPlanLacks } from './results/seedlingDoses'

const PERCENT = 100
const TO_COME = { state: 'to-come', looked: 0, doneOn: null } as const

/** A trial as it is planned or goes on: its treatments, its pots where they stand, its steps. */
export async function trialPage(db: OpenDatabase, id: number): Promise<TrialPage> {
  const tables = await readTables(db, (await readSite(db)).timeZone)
  const trial = await readTrial(db, id)
  const isHidden = trial.isBlind && trial.plantedOn !== null && trial.closedAt === null
  const numberOf = new Map(trial.treatments.map((one) => [one.id, one.number]))
  const treatments: TrialTreatmentView[] = []
  for (const one of trial.treatments) {
    const view = await treatmentView(db, tables, trial, one)
    treatments.push(isHidden ? { ...view, lotId: null } : view)
  }
  const course = await courseOf(db, tables, trial)
  const potOf = new Map(course?.pots.map((pot) => [pot.id, pot]))
  const cropName = (cropId: string | null) =>
    cropId === null ? null : (tables.crops.get(cropId)?.name ?? cropId)
  return {
    id: trial.id,
    version: trial.version,
    name: trial.name,
    kind: trial.kind,
    question: trial.question,
    state: stateOf(trial),
    wish: trial.wish,
    must: trial.must,
    mustValue: trial.mustValue,
    measures: trial.measures,
    decides: decidingOf(trial, tables).measure,
    decidesDay: trial.decidesDay,
    checks: course?.checks ?? checksOf(trial).map((one) => ({ ...one, ...TO_COME })),
    stillIn: course ? course.pots.filter(isStillIn).length : trial.potList.length,
    control: course && controlOf(trial, course),
    closedOn: trial.closedAt && dayAt(tables.timeZone, trial.closedAt),
    cropName: cropName(trial.cropId),
    how: trial.how,
    perPot: trial.perPot,
    pots: trial.pots,
    isInBlocks: trial.blocks,
    isBlind: trial.isBlind,
    place: trial.place,
    potSize: { ...trial.potSize, litres: settledLitres(trial.potSize) },
    protocol: trial.protocol,
    steps: protocolSteps({
      kind: trial.kind,
      seeds: trial.perPot,
      protocol: trial.protocol,
      isSown: trial.perPot > 0 && trial.how === 'sown',
    }).map((step) => ({ ...step, doneOn: trial.stepsDone[step.id] ?? null })),
    cv: trial.cv,
    crops: new Set(trial.potList.flatMap((pot) => pot.cropId ?? [])).size,
    plantedOn: trial.plantedOn,
    lessons: trial.lessons ?? '',
    treatments,
    potList: trial.potList.map((pot) => ({
      id: pot.id,
      code: pot.code,
      position: pot.position,
      row: pot.row,
      column: pot.column,
      block: pot.block,
      treatment: isHidden ? null : (numberOf.get(pot.treatmentId) ?? 0),
      cropName: cropName(pot.cropId),
      containerId: pot.containerId,
      leftOut: potOf.get(pot.id)?.leftOut ?? null,
      diedOn: potOf.get(pot.id)?.diedOn ?? null,
    })),
    remarks: await candidateChecks(db, tables, trial),
    seedlingLacks: trial.closedAt === null ? seedlingPlanLacks(trial, tables) : null,
    isHidden,
    mixedUp: mixedUp(trial),
  }
}

async function treatmentView(
  db: OpenDatabase,
  tables: Tables,
  trial: Trial,
  one: TrialTreatment,
): Promise<TrialTreatmentView> {
  const { name: medium, address } = await mediumName(db, tables, one.medium)
  const added = one.added && (await mediumName(db, tables, one.added))
  const size = one.potSize ?? trial.potSize
  const pots = trial.potList.filter(({ treatmentId }) => treatmentId === one.id)
  const empty = pots.filter(({ containerId }) => {
    const container = containerId === null ? null : tables.containersById.get(containerId)
    return !container || container.lotId === null
  })
  const sinks = await treatmentSinks(db, tables, one)
  const litres = empty.reduce((sum, { containerId }) => {
    const container = containerId === null ? undefined : tables.containersById.get(containerId)
    return sum + looseLitres(container ?? size, sinks)
  }, 0)
  return {
    id: one.id,
    number: one.number,
    name: one.name,
    medium,
    mediumAddress: address,
    addedName: added?.name ?? null,
    dose: one.dose,
    potName: size.name,
    care: one.care,
    risks: one.risks,
    lotId: one.lotId,
    pots: pots.length,
    litres: trial.plantedOn === null ? litres : 0,
    sinks,
    parts: trial.plantedOn === null ? await partsOf(db, tables, one, litres) : [],
  }
}

/** Of a lot there is nothing to measure out but its share. */
async function partsOf(
  db: OpenDatabase,
  tables: Tables,
  { medium, added, dose }: TrialTreatment,
  litres: number,
): Promise<TrialTreatmentView['parts']> {
  if (litres <= 0) return []
  const share = added ? dose / PERCENT : 0
  try {
    const base = await knownMedium(db, tables, medium)
    const more = added ? await knownMedium(db, tables, added) : null
    if (base.there === null && (more?.there ?? null) === null) {
      return measuredOut(blended(base.components, more?.components ?? [], share), litres)
    }
    return [
      { name: base.name, litres: litres * (1 - share) },
      ...(more ? [{ name: more.name, litres: litres * share }] : []),
    ].filter((part) => part.litres > 0)
  } catch (error) {
    // Put away since: planting it tells that, the plan can still be read.
    if (!(error instanceof NotFound)) throw error
    return []
  }
}

function mixedUp(trial: Trial): TrialPage['mixedUp'] {
  const described = trial.treatments.map((one) => ({
    name: one.name,
    mix: JSON.stringify(one.medium),
    dosePercent: one.added ? one.dose : 0,
    pot: JSON.stringify(one.potSize?.shape ?? trial.potSize.shape),
    care: one.care,
  }))
  const [control, ...others] = described
  if (!control) return []
  return others
    .map((one) => ({ name: one.name, differences: changesFromControl(control, one) }))
    .filter(({ differences }) => differences.length > 1)
}
