import {
  judgedSeedlings,
  judgeSeedlings,
  SEEDLING_SORTS,
  type SeedlingLack,
  type SeedlingPot,
} from '../../../core/bench'
import { potValue } from '../../../core/trials'
import { daysBetween } from '../../../core/units'
import type { NewFinding } from '../../../data/media'
import type { Trial } from '../../../data/trials'
import type { SeedlingDose } from '../../../messages/trials/resultViews'
import type { Tables } from '../../lots'
import type { TrialCourse } from '../look/courseOf'
import { seedsOf } from '../look/lookRules'

const MM_PER_CM = 10

/**
 * Of a dose series that was sown: what each dose does to seedlings, by the rule that lifts a bar on the bench. Pots that were
 * left out do not count. Null where nothing of that kind was counted.
 * @param on ISO day
 */
export function seedlingDoses(
  trial: Trial,
  { pots, plantedOn }: TrialCourse,
  { crops }: Pick<Tables, 'crops'>,
  on: string,
): readonly SeedlingDose[] | null {
  const sown = seedsOf(trial)
  const crop = trial.cropId === null ? undefined : crops.get(trial.cropId)
  if (trial.kind !== 'dose' || sown === 0 || !crop) return null
  const rows = seedlingPots(trial, { pots, plantedOn }, on)
  const control = rows.filter(({ sharePercent }) => sharePercent === 0)
  const doses = [...new Set(rows.map(({ sharePercent }) => sharePercent))]
    .filter((dose) => dose > 0)
    .sort((a, b) => a - b)
  if (control.length === 0 || doses.length === 0) return null
  return doses.map((dose) => {
    const { answer, missing } = judgeSeedlings({
      pots: [...control, ...rows.filter(({ sharePercent }) => sharePercent === dose)],
      herbicideSensitive: crop.herbicideSensitive,
      days: daysBetween(plantedOn, on),
      useSharePercent: dose,
    })
    return { dose, answer, missing }
  })
}

/** Its pots that count, as a seedling test counts them. */
function seedlingPots(
  trial: Trial,
  { pots, plantedOn }: Pick<TrialCourse, 'pots' | 'plantedOn'>,
  on: string,
): SeedlingPot[] {
  const sown = seedsOf(trial)
  const doseOf = new Map(trial.treatments.map(({ number, dose }) => [number, dose]))
  const asked = { on, since: plantedOn }
  return pots.flatMap((pot): SeedlingPot[] => {
    const sprouted = potValue(pot, { ...asked, measure: 'emerged' })
    if (sprouted === null) return []
    const heightCm = potValue(pot, { ...asked, measure: 'height' })
    return [
      {
        sharePercent: doseOf.get(pot.treatment) ?? 0,
        sown,
        sprouted: Math.min(sown, sprouted),
        heightMm: heightCm === null ? null : MM_PER_CM * heightCm,
      },
    ]
  })
}

/**
 * What a closed dose series found of the lot whose mix was tried in it, used as it is: written down in that lot, where it
 * bars or lifts as a seedling test of the bench does. Null where it tells nothing of it.
 */
export function seedlingFinding(
  trial: Trial,
  course: TrialCourse,
  { crops }: Pick<Tables, 'crops'>,
  on: string,
): NewFinding | null {
  const crop = trial.cropId === null ? undefined : crops.get(trial.cropId)
  if (trial.kind !== 'dose' || seedsOf(trial) === 0 || !crop) return null
  const pots = seedlingPots(trial, course, on)
  if (!pots.some(({ sharePercent }) => sharePercent > 0)) return null
  const { answer, missing, sprouted, height } = judgedSeedlings({
    pots,
    signs: [],
    sownAs: SEEDLING_SORTS.find((sort) => sort === crop.rotationGroup) ?? null,
    days: daysBetween(course.plantedOn, on),
  })
  if (answer === 'void') return null
  return {
    // Of the mix as it was when it was sown in, whatever was mixed into the lot since.
    at: new Date(`${course.plantedOn}T12:00:00Z`),
    kind: 'seedlings',
    state: answer === 'harmed' ? 'trouble' : answer === 'clean' ? 'clear' : 'known',
    problemId: answer === 'harmed' ? 'unknown-death' : null,
    numbers: {
      ...(sprouted ? { sproutedShare: sprouted.ratio } : {}),
      ...(height ? { heightShare: height.ratio } : {}),
    },
    word: answer === 'too-weak' ? missing.join(' ') : null,
    families: [crop.rotationGroup],
    season: Number(on.slice(0, 4)),
    rotationGroup: crop.rotationGroup,
    source: 'test',
    testId: null,
    note: trial.name,
  }
}

/**
 * What a dose series that is planned would lack to rule harm out at a dose, even if all came up alike: pots, seeds, days, a
 * plant that shows weedkiller. Null where no seedlings are counted.
 */
export function seedlingPlanLacks(
  trial: Trial,
  { crops }: Pick<Tables, 'crops'>,
): readonly SeedlingLack[] | null {
  const sown = seedsOf(trial)
  const crop = trial.cropId === null ? undefined : crops.get(trial.cropId)
  if (trial.kind !== 'dose' || sown === 0 || !crop) return null
  const rows = (sharePercent: number) =>
    Array.from(
      { length: trial.pots },
      (): SeedlingPot => ({
        sharePercent,
        sown,
        sprouted: sown,
        heightMm: null,
      }),
    )
  return judgeSeedlings({
    pots: [...rows(0), ...rows(100)],
    herbicideSensitive: crop.herbicideSensitive,
    days: Math.max(0, ...trial.checkDays),
  }).missing
}
