import { addDays } from 'date-fns'
import { readSite } from '../../data/site'
import { findTrials, type Trial } from '../../data/trials'
import type { ListQuery } from '../../messages/list'
import type { TrialState, TrialsPage } from '../../messages/trials/trials'
import type { OpenDatabase } from '../database'
import { partOf } from '../listPart'
import { readTables } from '../tables'

const TRIAL_ROWS = 24

/** A page of the trials, those that go on first. */
export async function trialsPage(db: OpenDatabase, asked: ListQuery = {}): Promise<TrialsPage> {
  const tables = await readTables(db, (await readSite(db)).timeZone)
  const { rows, part } = await partOf(
    asked.page,
    (at) => findTrials(db, { find: asked.find ?? '', ...at }),
    TRIAL_ROWS,
  )
  const trials = rows.map((trial) => {
    const crops = [...new Set([trial.cropId, ...trial.potList.map(({ cropId }) => cropId)])]
    return {
      id: trial.id,
      name: trial.name,
      kind: trial.kind,
      question: trial.question,
      state: stateOf(trial),
      treatments: trial.treatments.map(({ name }) => name),
      pots: trial.potList.length,
      cropNames: crops.flatMap((id) => (id === null ? [] : (tables.crops.get(id)?.name ?? id))),
      plantedOn: trial.plantedOn,
      nextCheck: checksOf(trial).find(({ on }) => on !== null && on >= tables.today)?.on ?? null,
    }
  })
  return { asked, part, trials }
}

export function stateOf({ closedAt, plantedOn, potList, kind }: Trial): TrialState {
  if (closedAt !== null) return 'closed'
  if (plantedOn !== null) return 'running'
  const isReady = kind !== 'jar' && potList.every(({ containerId }) => containerId !== null)
  return isReady ? 'ready' : 'planned'
}

/** Days on which it is looked at, with their dates once it is planted. */
export function checksOf({
  checkDays,
  plantedOn,
}: Pick<Trial, 'checkDays' | 'plantedOn'>): { readonly day: number; readonly on: string | null }[] {
  return [...checkDays]
    .sort((a, b) => a - b)
    .map((day) => ({
      day,
      on:
        plantedOn === null
          ? null
          : addDays(new Date(`${plantedOn}T00:00:00Z`), day)
              .toISOString()
              .slice(0, 10),
    }))
}
