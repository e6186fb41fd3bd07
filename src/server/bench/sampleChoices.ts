import { type Sample, sampleKey } from '../../data/bench'
import { findLotNames, listMaterials, readLotNames } from '../../data/media'
import { findMixNames } from '../../data/mixes'
import { wordsOf } from '../../data/words'
import type { SampleChoices } from '../../messages/bench/benchViews'
import type { OpenDatabase } from '../database'

/** So many lots can be looked through in one list; the others are found by their names. */
const MOST_LOTS = 60
const MOST_MIXES = 60

/**
 * What a test can be made on: lots first, then recipes, then materials, each by its name. In a large garden these are
 * the first that fit, with how many there are.
 * @param chosen the key of a sample that must be among them
 */
export async function sampleChoices(
  db: OpenDatabase,
  find: string,
  chosen = '',
): Promise<SampleChoices> {
  const lots = await findLotNames(db, find, MOST_LOTS, { withContents: true })
  const mixes = await findMixNames(db, find, MOST_MIXES)
  const words = wordsOf(find)
  const materials = (await listMaterials(db))
    .map(({ material: { id, name } }) => ({ id, name }))
    .filter(({ name }) => words.every((word) => name.toLowerCase().includes(word)))
  const listed = [
    ...lots.rows.map(({ id, name }) => ({ kind: 'lot' as const, id, name })),
    ...mixes.rows.map(({ id, name }) => ({ kind: 'mix' as const, id, name })),
    ...materials.map(({ id, name }) => ({ kind: 'material' as const, id, name })),
  ]
  const missing = chosen.startsWith('lot:') && !listed.some((one) => sampleKey(one) === chosen)
  return {
    listed: missing ? [...(await chosenLot(db, chosen)), ...listed] : listed,
    lotsTotal: lots.total,
    mixesTotal: mixes.total,
    isWhole: lots.total <= MOST_LOTS && mixes.total <= MOST_MIXES,
  }
}

async function chosenLot(
  db: OpenDatabase,
  chosen: string,
): Promise<(Sample & { kind: 'lot'; name: string })[]> {
  const id = Number(chosen.slice('lot:'.length))
  const name = (await readLotNames(db, [id])).get(id)
  return name === undefined ? [] : [{ kind: 'lot', id, name }]
}
