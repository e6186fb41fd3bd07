import { listContainers, listPlaces, type StoredContainer } from '../../data/containers'
import { listMaterials, readLotNames } from '../../data/media'
import { openPlantings } from '../../data/season'
import { readSite } from '../../data/site'
import { listTrials } from '../../data/trials'
import type {
  LessonView,
  NewTrialPage,
  NewTrialQuery,
  PotSizeView,
} from '../../messages/trials/trials'
import { fillChoices } from '../containers'
import type { OpenDatabase } from '../database'
import { readTables } from '../tables'
import { settledLitres } from './trialLitres'

const MOST_SIZES = 20
const MOST_FREE = 200

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
  { kind }: NewTrialQuery,
): Promise<NewTrialPage> {
  const tables = await readTables(db, (await readSite(db)).timeZone)
  const containers = await listContainers(db)
  const growing = new Set((await openPlantings(db)).map(({ containerId }) => containerId))
  const free = containers.filter(({ id }) => !growing.has(id)).slice(0, MOST_FREE)
  const names = await readLotNames(db, [...new Set(free.flatMap(({ lotId }) => lotId ?? []))])
  return {
    kind: kind ?? null,
    choices: await fillChoices(db),
    materials: (await listMaterials(db)).map(({ material: { id, name } }) => ({ id, name })),
    crops: [...tables.crops.values()].map(({ id, name, kind: sort }) => ({ id, name, kind: sort })),
    places: (await listPlaces(db)).map(({ name }) => name),
    sizes: sizesOf(containers),
    freePots: free.map(({ id, code, name, place, litres, lotId }) => ({
      id,
      code,
      name,
      place,
      litres,
      lotName: lotId === null ? null : (names.get(lotId) ?? null),
    })),
    amendments: [...tables.amendments.values()]
      .filter(({ cce }) => cce !== 0)
      .map(({ id, name }) => ({ id, name })),
    lessons: await lessonsOf(db),
  }
}

/** The usual ones, then those of the garden, the most frequent first. */
function sizesOf(containers: readonly StoredContainer[]): PotSizeView[] {
  const counted = new Map<string, { readonly pot: StoredContainer; count: number }>()
  for (const pot of containers) {
    const size = JSON.stringify([pot.outerShape, pot.headspaceCm])
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
  return [...USUAL_SIZES, ...own].map((size) => ({ ...size, litres: settledLitres(size) }))
}

async function lessonsOf(db: OpenDatabase): Promise<LessonView[]> {
  return (await listTrials(db)).flatMap(({ id, name, kind, lessons }) =>
    lessons ? [{ id, name, kind, lessons }] : [],
  )
}
