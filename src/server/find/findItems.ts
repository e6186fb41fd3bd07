import { listBenchTests, readSampleNames, sampleKey } from '../../data/bench'
import { byName } from '../../data/byName'
import { listContainers, type StoredContainer } from '../../data/containers'
import { findLotNames, listMaterials, readLotNames } from '../../data/media'
import { findMixNames } from '../../data/mixes'
import { listWorkOrders } from '../../data/recondition'
import { findTrialNames } from '../../data/trials'
import { wordsOf } from '../../data/words'
import type { FindAnswer } from '../../messages/find/find'
import type { OpenDatabase } from '../database'

/** The first that fit, of each kind. */
const FIRST = 50

/** Everything that can be gone to by name: lots, pots by code, places, mixes, materials, open orders, running tests. */
export async function findItems(db: OpenDatabase, find: string): Promise<FindAnswer> {
  const words = wordsOf(find)
  const holds = (...texts: readonly string[]) => {
    const text = texts.join(' ').toLowerCase()
    return words.every((word) => text.includes(word))
  }
  const lots = await findLotNames(db, find, FIRST)
  const mixes = await findMixNames(db, find, FIRST)
  const containers = await listContainers(db)
  const pots = await potsOf(db, containers, words, holds)
  const places = [...new Set(containers.map(({ place }) => place))].filter((place) => holds(place))
  const orders = (await listWorkOrders(db, 'open', { offset: 0, limit: FIRST_OPEN })).rows
  const running = (await listBenchTests(db, 'running', { offset: 0, limit: FIRST_OPEN })).rows
  const samples = await readSampleNames(
    db,
    running.map(({ sample }) => sample),
  )
  return {
    lots: lots.rows,
    pots,
    places: places.sort(byName).slice(0, FIRST),
    mixes: mixes.rows,
    trials: await findTrialNames(db, find, FIRST),
    materials: (await listMaterials(db))
      .map(({ material: { id, name } }) => ({ id, name }))
      .filter(({ name }) => holds(name))
      .slice(0, FIRST),
    orders: orders.filter(({ lotName }) => holds(lotName)).slice(0, FIRST),
    tests: running
      .map(({ id, kind, sample }) => ({ id, kind, name: samples.get(sampleKey(sample)) ?? '' }))
      .slice(0, FIRST),
  }
}

/** What is under way is looked through whole, unless a nursery has more of it than anybody can have in hand. */
const FIRST_OPEN = 500

async function potsOf(
  db: OpenDatabase,
  containers: readonly StoredContainer[],
  words: readonly string[],
  holds: (...texts: readonly string[]) => boolean,
): Promise<FindAnswer['pots']> {
  const lotIds = containers.flatMap(({ lotId }) => lotId ?? [])
  const names = words.length === 0 ? new Map<number, string>() : await readLotNames(db, lotIds)
  const [first = ''] = words
  const rank = ({ code }: StoredContainer) => {
    const lower = code.toLowerCase()
    return lower === first ? 0 : lower.startsWith(first) ? 1 : 2
  }
  const found = containers
    .filter(({ code, name, place, lotId }) =>
      holds(code, name, place, lotId === null ? '' : (names.get(lotId) ?? '')),
    )
    .sort((a, b) => rank(a) - rank(b))
    .slice(0, FIRST)
  const shown =
    words.length === 0
      ? await readLotNames(
          db,
          found.flatMap(({ lotId }) => lotId ?? []),
        )
      : names
  return found.map(({ id, code, name, place, lotId }) => ({
    id,
    code,
    name,
    place,
    lotId,
    lotName: lotId === null ? null : (shown.get(lotId) ?? null),
  }))
}
