import { addContainers, listPlaces } from '../../../data/containers'
import { groupBy } from '../../../data/groupBy'
import { changeTrial, changeTrialPots, readTrial, type Trial } from '../../../data/trials'
import type { OpenDatabase } from '../../database'
import { freshCodes } from './freshCodes'

/**
 * Adds the containers of a trial that are not there yet, each with the code of its pot, so that labels can be printed;
 * where another container was given that code meanwhile, its pot gets another one.
 * @throws StaleWrite
 */
export async function setPots(db: OpenDatabase, id: number, version: number): Promise<void> {
  const trial = await readTrial(db, id)
  await changeTrial(db, id, version)
  await addMissing(db, trial)
}

/** @returns ids of the containers, by the trial's pots */
export async function addMissing(
  db: OpenDatabase,
  trial: Trial,
): Promise<ReadonlyMap<number, number>> {
  const missing = trial.potList.filter(({ containerId }) => containerId === null)
  const treatments = new Map(trial.treatments.map((one) => [one.id, one]))
  const known = new Map(
    trial.potList.flatMap(({ id, containerId }) =>
      containerId === null ? [] : [[id, containerId] as const],
    ),
  )
  const bySize = groupBy(missing, ({ treatmentId }) => {
    return treatments.get(treatmentId)?.potSize ?? trial.potSize
  })
  const there = (await listPlaces(db)).find(({ name }) => name === trial.place)
  const exposure = there?.exposure ?? 'open'
  for (const [{ name, shape, headspaceCm }, pots] of bySize) {
    const planned = pots.map(({ code }) => code)
    const codes = await freshCodes(db, planned, trial.seed, planned)
    const ids = await addContainers(
      db,
      { name, place: trial.place, shape, headspaceCm, exposure },
      pots.length,
      codes,
    )
    await changeTrialPots(
      db,
      pots.map(({ id }, index) => ({
        id,
        containerId: ids[index] as number,
        code: codes[index] as string,
      })),
    )
    pots.forEach(({ id }, index) => {
      known.set(id, ids[index] as number)
    })
  }
  return known
}
