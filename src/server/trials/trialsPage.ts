import { readSite } from '../../data/site'
import { findTrials } from '../../data/trials'
import type { ListQuery } from '../../messages/list'
import type { TrialsPage } from '../../messages/trials/trialViews'
import type { OpenDatabase } from '../database'
import { partOf } from '../listPart'
import { readTables } from '../tables'
import { looksDue } from './look/looksDue'
import { stateOf } from './look/schedule'

const TRIAL_ROWS = 24

/** A page of the trials, those that go on first. */
export async function trialsPage(db: OpenDatabase, asked: ListQuery = {}): Promise<TrialsPage> {
  const tables = await readTables(db, (await readSite(db)).timeZone)
  const { rows, part } = await partOf(
    asked.page,
    (at) => findTrials(db, { find: asked.find ?? '', ...at }),
    TRIAL_ROWS,
  )
  const dueOf = await looksDue(db, tables, rows)
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
      ...(dueOf.get(trial.id) ?? { nextCheck: null, lateLooks: 0 }),
      found: (trial.outcome?.treatments ?? []).flatMap(({ number, verdict }) => {
        const name = trial.treatments[number]?.name
        return name && verdict ? [{ name, verdict }] : []
      }),
      isVoid: trial.outcome?.isVoid ?? false,
      isEarlierRule: trial.outcome !== null && trial.outcome.rule === undefined,
    }
  })
  return { asked, part, trials }
}
