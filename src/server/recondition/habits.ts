import type { Crop } from '../../core/chemistry'
import type { Component } from '../../core/media'
import { groupById, groupOfCrop } from '../../core/mixes'
import {
  isTooFull,
  type RecipeInput,
  type ScheduleOptions,
  type Schools,
  type SurplusUse,
  surplusUse,
  type TippedFor,
  whyTipped,
} from '../../core/recondition'
import type { LotFacts, Tables } from '../lots'
import type { BuiltRecipe } from './buildRecipe'

const LEAST_SURPLUS_LITRES = 0.5

/** What a new mix is in this garden, what a trial found for the crop before what is usual, and what goes into everything. */
export function newMixOf(
  { newMix, minerals }: Schools,
  crop: Crop,
  materials: Tables['materials'],
  standard: readonly Component[] | null = null,
): Pick<RecipeInput['school'], 'newMix' | 'minerals'> {
  return {
    ...(minerals === 'minerals' || minerals === 'both' ? { minerals: true } : {}),
    ...(newMix === 'adjust' ? { newMix: 'adjusted' as const } : {}),
    ...(newMix === 'make' ? { newMix: startOf(crop, materials) } : {}),
    ...(standard ? { newMix: standard } : {}),
  }
}

/** The parts that the mix of a crop's plant group begins with. */
function startOf(crop: Crop, materials: Tables['materials']): Component[] {
  const group = groupById(groupOfCrop(crop))
  return (group?.starts ?? []).flatMap(([materialId, parts]) => {
    const material = materials.get(materialId)
    return material ? [{ material, parts }] : []
  })
}

/** How the work is laid out: waits, washing, what goes in beside. */
export function workHabits(
  { wait, wash, minerals }: Schools,
  facts: LotFacts,
  { problems }: Pick<Tables, 'problems'>,
): Pick<ScheduleOptions, 'habits' | 'afterDisease'> {
  return { habits: { wait, wash, minerals }, afterDisease: hadDisease(facts, problems) }
}

/** Old mix that no pot takes, in the open ground: none where it is little, or where what was found in it speaks against. */
export function spareUse(
  litres: number,
  triage: BuiltRecipe['triage'],
  { surplus }: Schools,
): SurplusUse | null {
  const isClean = triage === null || triage.verdict === 'reuse' || triage.verdict === 'clean'
  return isClean && litres >= LEAST_SURPLUS_LITRES ? surplusUse(litres, surplus) : null
}

const DISEASES: readonly string[] = ['disease-soil', 'disease-foliar', 'virus', 'nematode']

export function hadDisease({ everFound }: LotFacts, problems: Tables['problems']): boolean {
  return everFound.some(
    ({ problemId, state }) =>
      state !== 'clear' && DISEASES.includes(problems.get(problemId ?? '')?.kind ?? ''),
  )
}

/** @returns null where the work is done in place, or where nobody wants that */
export function tippedFor(
  { intake, facts, triage, recipe }: Pick<BuiltRecipe, 'intake' | 'facts' | 'triage' | 'recipe'>,
  { roots }: Schools,
): TippedFor | null {
  if (intake.place !== 'in-place') return null
  const must = whyTipped({
    inOwnPots: intake.containerIds.every((id) => facts.lot.containerIds.includes(id)),
    rootMass: intake.rootMass,
    actions: triage?.actions ?? [],
    roots,
  })
  return must ?? (isTooFull(recipe) ? 'too-full' : null)
}
