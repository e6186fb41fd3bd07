import { randomInt } from 'node:crypto'
import { layoutTrial, swapPlaces } from '../../../core/trials'
import { NotFound } from '../../../data/errors'
import {
  changeTrial,
  changeTrialPots,
  readTrial,
  requireUnplanted,
  type Trial,
} from '../../../data/trials'
import type { LayoutBody } from '../../../messages/trials/trialSteps'
import type { OpenDatabase } from '../../database'

const LARGEST_SEED = 2 ** 31 - 1

/**
 * Two pots change places, or all places are drawn anew; pots keep their codes and what is in them.
 * @throws StaleWrite, Conflict once it is planted and would be drawn anew, DomainError for pots of two blocks
 */
export async function trialLayout(
  db: OpenDatabase,
  id: number,
  { version, swap }: LayoutBody,
): Promise<void> {
  const trial = await readTrial(db, id)
  if (swap === null) {
    requireUnplanted(trial)
    const seed = randomInt(LARGEST_SEED)
    await changeTrial(db, id, version, { seed })
    await changeTrialPots(db, drawnAnew(trial, seed))
    return
  }
  const [one, other] = swap.map((potId) => trial.potList.find((pot) => pot.id === potId))
  if (!one || !other) throw new NotFound('One of the pots is no pot of this trial.')
  const moved = swapPlaces(one, other)
  await changeTrial(db, id, version)
  await changeTrialPots(
    db,
    moved.map(({ id: potId, row, column, position }) => ({ id: potId, row, column, position })),
  )
}

/** Each pot stays a pot of its treatment and its block, and gets another place in it. */
function drawnAnew(trial: Trial, seed: number) {
  const numberOf = new Map(trial.treatments.map(({ id, number }) => [id, String(number)]))
  const key = (treatment: string | undefined, replicate: number) => `${treatment}/${replicate}`
  const places = layoutTrial({
    treatments: trial.treatments.map(({ number }) => String(number)),
    replicates: trial.potList.length / trial.treatments.length,
    blocks: trial.blocks,
    columns: trial.columns,
    seed,
  })
  const pots = new Map(
    trial.potList.map((pot) => [key(numberOf.get(pot.treatmentId), pot.replicate), pot]),
  )
  return places.flatMap(({ treatment, replicate, position, row, column, block }) => {
    const pot = pots.get(key(treatment, replicate))
    return pot ? [{ id: pot.id, position, row, column, block }] : []
  })
}
