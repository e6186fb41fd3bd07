import type { Sample } from '../../../data/bench'
import type { Trial } from '../../../data/trials'
import type { CandidateInTrial, CandidatesTrial } from '../../../messages/trials/candidateViews'
import type { OpenDatabase } from '../../database'
import type { Tables } from '../../lots'
import { treatmentOf } from './candidateKeys'
import { trialSheet } from './trialSheet'

/**
 * What a trial says of candidates at each of its checks; null where it compares none of them as they are.
 * @param newest version of each candidate's recipe, in the order of the samples; null where it has none
 */
export async function candidatesTrial(
  db: OpenDatabase,
  tables: Tables,
  trial: Trial,
  samples: readonly Sample[],
  newest: readonly (number | null)[],
): Promise<CandidatesTrial | null> {
  const mine = samples.map((sample) => treatmentOf(trial, sample))
  if (mine.every((one) => one === null)) return null
  const sheet = await trialSheet(db, tables, trial)
  if (!sheet) return null
  return {
    ...sheet,
    treatments: mine.map((one, at): CandidateInTrial | null => {
      const treated = sheet.treatments.find(({ number }) => number === one?.number)
      if (!one || !treated) return null
      const { medium } = one
      const isOlder = medium.kind === 'mix' && medium.version !== newest[at]
      return { ...treated, version: isOlder ? medium.version : null }
    }),
    measures: sheet.measures
      .map(({ byTreatment, ...measure }) => ({
        ...measure,
        cells: mine.map((one) => (one && byTreatment.get(one.number)) ?? null),
      }))
      .filter(({ cells }) => cells.some((cell) => cell !== null)),
  }
}
