import { mixWish, type PlaceForMix } from '../../../core/mixes'
import { EXPOSURE_FACTORS, worstMonth } from '../../../core/season'
import { MOST_CANDIDATES } from '../../../core/trials'
import type { Sample } from '../../../data/bench'
import type { StoredContainer } from '../../../data/containers'
import { listMaterials } from '../../../data/media'
import { growingPlanting } from '../../../data/season'
import { readSite } from '../../../data/site'
import { listFindings, type Trial, trialsOfMedia } from '../../../data/trials'
import type { CandidatesQuery } from '../../../messages/trials/candidates'
import type {
  CandidatesPage,
  CandidatesTrial,
  Criterion,
} from '../../../messages/trials/candidateViews'
import { sampleChoices } from '../../bench'
import type { OpenDatabase } from '../../database'
import type { Tables } from '../../lots'
import { USUAL_POT } from '../../mixes'
import { readTables } from '../../tables'
import { askedCandidates, treatmentOf } from './candidateKeys'
import { candidatesTrial } from './candidatesTrial'
import { keptTrial } from './keptTrial'
import { readCandidate } from './readCandidate'

const MOST_SIZES = 30
const MOST_TRIALS = 5
const CRITERIA: readonly string[] = [
  'cost',
  'air',
  'days',
  'water',
  'sunk',
  'weeds',
] satisfies Criterion[]

/** All that is known of mixes that are held against each other, in one pot. */
export async function candidatesPage(
  db: OpenDatabase,
  { of = '', pot, crop: askedCrop, by = '' }: CandidatesQuery,
): Promise<CandidatesPage> {
  const site = await readSite(db)
  const tables = await readTables(db, site.timeZone)
  const humifiedFines = tables.materials.get('humified-fines')
  if (!humifiedFines) throw new Error('The material that rotten mix becomes is missing.')
  const asked = await askedCandidates(db, of)
  const sizes = sizesWith(tables, pot)
  const container = sizes.find(({ id }) => id === pot) ?? sizes[0] ?? null
  const tried = await trialsWith(db, asked)
  const cropId =
    askedCrop ?? (pot && container ? await cropIn(db, container) : cropTried(tried, asked, by))
  const crop = (cropId && tables.crops.get(cropId)) || null
  const { month, place: worst } = worstMonth(site)
  const place: PlaceForMix = {
    ...worst,
    exposureFactor: EXPOSURE_FACTORS[container?.exposure ?? 'open'],
  }
  const { shape, headspaceCm } = container ?? USUAL_POT
  const prices = new Map(
    (await listMaterials(db)).map(({ material, pricePerLitre }) => [material.id, pricePerLitre]),
  )
  const setting = {
    container: { shape, fillHeightCm: shape.heightCm - headspaceCm },
    crop,
    place,
    humifiedFines,
    priceOf: (materialId: string) => prices.get(materialId) ?? null,
    standards: await listFindings(db, { kind: 'standard' }),
  }
  const there: { sample: Sample; candidate: CandidatesPage['candidates'][number] }[] = []
  for (const sample of asked) {
    const candidate = await readCandidate(db, tables, setting, sample)
    if (candidate) there.push({ sample, candidate })
  }
  const candidates = there.map(({ candidate }) => candidate)
  const trials = await trialViews(
    db,
    tables,
    tried,
    there.map(({ sample }) => sample),
    candidates.map(({ version }) => version),
    crop?.id ?? null,
  )
  const wish = mixWish({ crop, group: null })
  const given = Math.min(MOST_CANDIDATES, new Set(of.split(',').filter(Boolean)).size)
  return {
    of: candidates.map(({ key }) => key),
    missing: Math.max(0, given - candidates.length),
    by: criterionOf(by, trials) ?? usualCriterion(trials, wish !== null),
    samples: await sampleChoices(db, ''),
    pots: sizes.map(({ id, name, place: where, shape: { heightCm }, headspaceCm: free }) => ({
      id,
      name,
      place: where,
      heightCm: heightCm - free,
    })),
    crops: [...tables.crops.values()].map(({ id, name }) => ({ id, name })),
    potId: container?.id ?? null,
    cropId: crop?.id ?? null,
    potName: container?.name ?? '',
    fillHeightCm: setting.container.fillHeightCm,
    wish,
    place,
    month,
    candidates,
    trials,
  }
}

async function cropIn(db: OpenDatabase, { id, lotId }: StoredContainer): Promise<string | null> {
  return lotId === null ? null : ((await growingPlanting(db, id, lotId))?.cropId ?? null)
}

interface PotSize {
  readonly first: StoredContainer
  readonly ids: ReadonlySet<number>
}

/** Containers are read anew only when one of them changed: so is what sizes there are. */
const keptSizes = new WeakMap<readonly StoredContainer[], readonly PotSize[]>()

/** The most frequent size first. */
function sizesOfAll(containers: readonly StoredContainer[]): readonly PotSize[] {
  const kept = keptSizes.get(containers)
  if (kept) return kept
  const sizes = new Map<string, { first: StoredContainer; ids: Set<number> }>()
  for (const one of containers) {
    const { id, name, shape, headspaceCm, exposure } = one
    const size = JSON.stringify([name, shape, headspaceCm, exposure])
    const known = sizes.get(size)
    if (known) known.ids.add(id)
    else sizes.set(size, { first: one, ids: new Set([id]) })
  }
  const inOrder = [...sizes.values()].sort((a, b) => b.ids.size - a.ids.size)
  keptSizes.set(containers, inOrder)
  return inOrder
}

/** One container of each size, and the one that is asked for in place of its like. */
function sizesWith(
  { containers, containersById }: Pick<Tables, 'containers' | 'containersById'>,
  asked: number | undefined,
): StoredContainer[] {
  const sizes = sizesOfAll(containers)
  const own = asked === undefined ? undefined : containersById.get(asked)
  const shown = sizes
    .slice(0, MOST_SIZES)
    .map(({ first, ids }) => (own && ids.has(own.id) ? own : first))
  return own && !shown.includes(own) ? [own, ...shown] : shown
}

/** Planted trials that compare any of them, the newest first. */
async function trialsWith(db: OpenDatabase, samples: readonly Sample[]): Promise<Trial[]> {
  const numbersOf = (kind: Sample['kind']) =>
    samples.filter((one) => one.kind === kind).map(({ id }) => Number(id))
  const found = await trialsOfMedia(
    db,
    {
      mixIds: numbersOf('mix'),
      lotIds: numbersOf('lot'),
      materialIds: samples.filter(({ kind }) => kind === 'material').map(({ id }) => String(id)),
    },
    MOST_TRIALS,
  )
  const trials: Trial[] = []
  for (const one of found) trials.push(await keptTrial(db, one))
  return trials
}

/** What grew in the trial that is asked for, else in the newest that held two of them against each other. */
function cropTried(
  trials: readonly Trial[],
  samples: readonly Sample[],
  by: string,
): string | null {
  const holdsTwo = (trial: Trial) =>
    samples.filter((one) => treatmentOf(trial, one) !== null).length > 1
  const asked = trials.find(({ id }) => by === `trial:${id}`)
  const grown = trials.find((trial) => trial.cropId !== null && holdsTwo(trial))
  return (asked ?? grown)?.cropId ?? null
}

async function trialViews(
  db: OpenDatabase,
  tables: Tables,
  trials: readonly Trial[],
  samples: readonly Sample[],
  versions: readonly (number | null)[],
  cropId: string | null,
): Promise<CandidatesTrial[]> {
  const found: CandidatesTrial[] = []
  for (const trial of trials) {
    const one = await candidatesTrial(db, tables, trial, samples, versions)
    if (one) found.push(one)
  }
  // Those of the crop first, then those that hold most of them against each other.
  const weight = ({ cropId: grown, treatments }: CandidatesTrial) =>
    (grown !== null && grown === cropId ? MOST_CANDIDATES : 0) + treatments.filter(Boolean).length
  return found.sort((a, b) => weight(b) - weight(a) || b.trialId - a.trialId)
}

/** What was asked for, where the page knows it. */
function criterionOf(by: string, trials: readonly CandidatesTrial[]): string | null {
  if (CRITERIA.includes(by)) return by
  return trials.some((one) => by === `trial:${one.trialId}` && isJudged(one)) ? by : null
}

/** A trial that held them against each other, else what the crop wants, else money. */
function usualCriterion(trials: readonly CandidatesTrial[], hasWish: boolean): string {
  const tried = trials.find((one) => isJudged(one) && one.treatments.filter(Boolean).length > 1)
  if (tried) return `trial:${tried.trialId}`
  return hasWish ? 'air' : 'cost'
}

function isJudged({ state, isVoid }: CandidatesTrial): boolean {
  return state === 'closed' && !isVoid
}
