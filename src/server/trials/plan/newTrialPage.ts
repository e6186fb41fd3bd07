import { bearsFruit } from '../../../core/trials'
import { byName } from '../../../data/byName'
import { listContainers, listPlaces, type StoredContainer } from '../../../data/containers'
import { listMaterials, readLotNames, readLotStocks } from '../../../data/media'
import { listMixesByIds } from '../../../data/mixes'
import { openPlantings } from '../../../data/season'
import { readSite } from '../../../data/site'
import { listLessons, readTrial, type Trial } from '../../../data/trials'
import type { FillChoices } from '../../../messages/containers/fillPot'
import type { NewTrialBody, NewTrialQuery } from '../../../messages/trials/trials'
import type { NewTrialPage, PotSizeView } from '../../../messages/trials/trialViews'
import { fillChoices } from '../../containers'
import type { OpenDatabase } from '../../database'
import type { Tables } from '../../lots'
import { readTables } from '../../tables'
import { courseOf } from '../look/courseOf'
import { controlOf, isVoid } from '../results/controlOf'
import { planOfTrial } from './planOfTrial'
import { settledLitres } from './trialLitres'
import { variedTrials } from './variedTrials'

const MOST_SIZES = 20
const MOST_FREE = 200
const MOST_LESSONS = 20

const round = (name: string, topDiameterCm: number, baseDiameterCm: number, heightCm: number) => ({
  name,
  shape: { kind: 'round' as const, topDiameterCm, baseDiameterCm, heightCm },
  headspaceCm: 1.5,
})

/** Sizes that trials are usually made in. */
const USUAL_SIZES = [
  round('Pot of 12 cm', 12, 9, 11),
  round('Pot of 17 cm', 17, 13, 15),
  round('Pot of 24 cm', 24, 18, 22),
  {
    name: 'Seed tray, 35 × 22 cm',
    shape: {
      kind: 'rectangular' as const,
      topLengthCm: 35,
      topWidthCm: 22,
      baseLengthCm: 33,
      baseWidthCm: 20,
      heightCm: 6,
    },
    headspaceCm: 1,
  },
]

/** What a trial may be made of, and what earlier ones taught. */
export async function newTrialPage(
  db: OpenDatabase,
  { kind, mix, lot, like, change }: NewTrialQuery,
): Promise<NewTrialPage> {
  const earlier = change ?? like
  const trial = earlier === undefined ? null : await readTrial(db, earlier)
  const plan = trial && planOfTrial(trial)
  const tables = await readTables(db, (await readSite(db)).timeZone)
  const containers = await listContainers(db)
  const growing = new Set((await openPlantings(db)).map(({ containerId }) => containerId))
  const free = containers.filter(({ id }) => !growing.has(id)).slice(0, MOST_FREE)
  const names = await readLotNames(db, [...new Set(free.flatMap(({ lotId }) => lotId ?? []))])
  const planned = plan?.treatments.flatMap(({ medium, added }) => [
    medium,
    ...(added ? [added] : []),
  ])
  const lotIds = [
    ...free.flatMap(({ lotId }) => lotId ?? []),
    ...(lot === undefined ? [] : [lot]),
    ...(planned ?? []).flatMap((one) => (one.kind === 'lot' ? one.lotId : [])),
  ]
  const choices = await fillChoices(db)
  const mixIds = [
    ...choices.mixes.map(({ id }) => id),
    ...(mix === undefined ? [] : [mix]),
    ...(planned ?? []).flatMap((one) => (one.kind === 'mix' ? one.mixId : [])),
  ]
  const mixes = await mixesWith(db, mixIds)
  return {
    kind: plan?.kind ?? kind ?? null,
    candidate: candidateOf(
      mixes.find(({ id }) => id === mix),
      lot,
    ),
    plan,
    change:
      trial && change !== undefined
        ? { id: trial.id, version: trial.version, name: trial.name }
        : null,
    choices: { bags: choices.bags, lots: await lotsWith(db, choices.lots, lotIds) },
    mixes,
    materials: (await listMaterials(db)).map(({ material: { id, name } }) => ({ id, name })),
    crops: [...tables.crops.values()].map((crop) => ({
      id: crop.id,
      name: crop.name,
      kind: crop.kind,
      bearsFruit: bearsFruit(crop),
    })),
    places: (await listPlaces(db)).map(({ name }) => name),
    sizes: sizesOf(containers, plan),
    freePots: free.map(({ id, code, name, place, litres, lotId }) => ({
      id,
      code,
      name,
      place,
      litres,
      lotId,
      lotName: lotId === null ? null : (names.get(lotId) ?? null),
    })),
    lessons: await listLessons(db, MOST_LESSONS),
    varied: await variedTrials(db),
    rerunOf: trial && change === undefined ? await voidRun(db, tables, trial) : null,
  }
}

/** What a closed trial's control came to, where that made its run void. */
async function voidRun(
  db: OpenDatabase,
  tables: Tables,
  trial: Trial,
): Promise<NewTrialPage['rerunOf']> {
  const course = await courseOf(db, tables, trial)
  const control = course && controlOf(trial, course)
  if (!control || !isVoid(trial, control)) return null
  const { name, must, mustValue } = trial
  return { name, must, mustValue, reached: control.value }
}

/** Lots that wait in the store, and those that stand in free pots or were named. */
async function lotsWith(
  db: OpenDatabase,
  waiting: FillChoices['lots'],
  lotIds: readonly number[],
): Promise<FillChoices['lots']> {
  const there = new Set(waiting.map(({ id }) => id))
  const more = await readLotStocks(
    db,
    [...new Set(lotIds)].filter((id) => !there.has(id)),
  )
  return [...waiting, ...more.filter(({ litres }) => litres > 0)]
}

async function mixesWith(db: OpenDatabase, ids: readonly number[]): Promise<NewTrialPage['mixes']> {
  const mixes = await listMixesByIds(db, [...new Set(ids)])
  return mixes
    .map(({ id, name, versions }) => ({ id, name, versions: versions.map(({ number }) => number) }))
    .sort((a, b) => byName(a.name, b.name))
}

/** The usual ones, then those of the garden, the most frequent first, and those of an earlier plan. */
function sizesOf(containers: readonly StoredContainer[], plan: NewTrialBody | null): PotSizeView[] {
  const counted = new Map<string, { readonly pot: StoredContainer; count: number }>()
  for (const pot of containers) {
    const size = [...Object.values(pot.outerShape), pot.headspaceCm].join(' ')
    const known = counted.get(size)
    if (known) known.count += 1
    else counted.set(size, { pot, count: 1 })
  }
  const own = [...counted.values()]
    .sort((a, b) => b.count - a.count)
    .slice(0, MOST_SIZES)
    .map(({ pot: { name, code, outerShape, headspaceCm } }) => ({
      name: `${name} (${code})`,
      shape: outerShape,
      headspaceCm,
    }))
  const known = [...USUAL_SIZES, ...own]
  const planned = plan
    ? [plan.potSize, ...plan.treatments.flatMap(({ potSize }) => potSize ?? [])]
    : []
  const names = new Set(known.map(({ name }) => name))
  const more = planned.filter(({ name }) => !names.has(name) && names.add(name))
  return [...known, ...more].map((size) => ({ ...size, litres: settledLitres(size) }))
}

function candidateOf(
  mix: NewTrialPage['mixes'][number] | undefined,
  lot: number | undefined,
): string {
  if (mix) return `mix:${mix.id}:${mix.versions[0]}`
  return lot === undefined ? '' : `lot:${lot}`
}
