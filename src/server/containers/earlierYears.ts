import { outcomeOf } from '../../core/season'
import { requireContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { Conflict } from '../../data/errors'
import { inTransaction } from '../../data/inTransaction'
import { addFindings, type NewFinding } from '../../data/media'
import { writeEarlierSeasons } from '../../data/season'
import { readSite } from '../../data/site'
import type { EarlierYears } from '../../messages/containers/pots'
import { dayAt } from '../clock'
import { refuseField } from '../problem'
import { readTables } from '../tables'

/** Writes down what grew in a pot, and in the mix that stands in it, in years before it was written down. */
export async function earlierYears(
  db: Database,
  containerId: number,
  { seasons }: EarlierYears,
  at: Date,
): Promise<void> {
  const { timeZone } = await readSite(db)
  const tables = await readTables(db, timeZone)
  const thisYear = Number(dayAt(timeZone, at).slice(0, 4))
  seasons.forEach(({ year, cropId, problems }, index) => {
    if (year >= thisYear) {
      refuseField(
        `seasons.${index}.year`,
        'What grows this year is planted above, not written down here.',
      )
    }
    if (!tables.crops.has(cropId))
      refuseField(`seasons.${index}.cropId`, 'Choose a crop from the list.')
    if (!problems.every((problem) => tables.problems.has(problem)))
      refuseField(`seasons.${index}.problems`, 'Choose what you saw from the list.')
  })
  const [container] = await requireContainers(db, [containerId])
  if (!container || container.lotId === null) {
    throw new Conflict('There is no mix in it: put a lot into it first.')
  }
  const { lotId } = container
  await inTransaction(db, async (tx) => {
    await writeEarlierSeasons(
      tx,
      lotId,
      seasons.map(({ problems, ...one }) => ({
        ...one,
        outcome: outcomeOf([{ growth: one.growth, count: null }]),
      })),
    )
    await addFindings(
      tx,
      lotId,
      seasons.flatMap(({ year, cropId, problems }) =>
        problems.map((problemId) => seenIn(year, problemId, tables.crops.get(cropId), at)),
      ),
    )
  })
}

/** Written down today, of a year gone by: how long a family is kept out counts from that year. */
function seenIn(
  year: number,
  problemId: string,
  crop: { readonly rotationGroup: string } | undefined,
  at: Date,
): NewFinding {
  return {
    at,
    kind: 'problem',
    state: 'trouble',
    problemId,
    numbers: {},
    word: null,
    families: [],
    season: year,
    rotationGroup: crop?.rotationGroup ?? null,
    source: 'seen',
    testId: null,
    note: null,
  }
}
