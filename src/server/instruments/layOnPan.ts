import { containersById } from '../../data/containers'
import { Conflict, NotFound } from '../../data/errors'
import { readTrial } from '../../data/trials'
import type { BalanceView, PanBody } from '../../messages/instruments/balance'
import type { OpenDatabase } from '../database'
import { balanceView, theBalance } from './theBalance'

/** Shoots of a made-up pot, g from a litre, from the weakest to the strongest. */
const LEAST_G_PER_L = 6
const MOST_G_PER_L = 14
const PLACES = 97

/**
 * Lays what was cut from a pot on the simulated balance, or takes everything off. Made up, but the same for the same pot.
 * @throws Conflict where the balance is a real one or there is none, NotFound
 */
export async function layOnPan(db: OpenDatabase, { pot }: PanBody): Promise<BalanceView> {
  const opened = theBalance()
  if (opened.kind !== 'simulated') {
    throw new Conflict('Only a simulated balance can be told what lies on it.')
  }
  opened.balance.lay(pot ? await shootsOf(db, pot) : 0)
  return balanceView()
}

/** What was cut from a pot, as it is made up. @throws NotFound */
export async function shootsOf(
  db: OpenDatabase,
  { trialId, potId }: NonNullable<PanBody['pot']>,
): Promise<number> {
  const trial = await readTrial(db, trialId)
  const pot = trial.potList.find(({ id }) => id === potId)
  if (!pot) throw new NotFound(`There is no pot ${potId} in this trial.`)
  const litres = (await containersById(db)).get(pot.containerId ?? 0)?.litres ?? 1
  const vigour = ((potId * 37) % PLACES) / PLACES
  return litres * (LEAST_G_PER_L + vigour * (MOST_G_PER_L - LEAST_G_PER_L))
}
