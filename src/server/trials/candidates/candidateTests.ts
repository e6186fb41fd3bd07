import { listFinishedTestsOf, type Sample, type TestTold } from '../../../data/bench'
import type { CandidateTest } from '../../../messages/trials/candidateViews'
import { newestSet } from '../../bench'
import { dayAt } from '../../clock'
import type { OpenDatabase } from '../../database'

/** Older ones of the same mix tell nothing that these do not. */
const MOST_TESTS = 60

/** The newest test of each kind with its repeats, as far as it tells of what the sample is made of now. */
export async function testsOfCandidate(
  db: OpenDatabase,
  sample: Sample,
  since: Date | null,
  timeZone: string,
): Promise<CandidateTest[]> {
  const tests = await listFinishedTestsOf(db, sample, { since, limit: MOST_TESTS })
  return [...new Set(tests.map(({ kind }) => kind))].flatMap((kind) => {
    const set = newestSet(tests, kind)
    const [newest] = set
    return newest ? [testOf(newest, set, timeZone)] : []
  })
}

function testOf(newest: TestTold, set: readonly TestTold[], timeZone: string): CandidateTest {
  const { id, kind, startedAt, observation } = newest
  const names = new Map(
    set.flatMap(
      ({ outcome }) => outcome?.values.map(({ name, unit }) => [name, unit] as const) ?? [],
    ),
  )
  return {
    testId: id,
    kind,
    on: dayAt(timeZone, startedAt),
    runs: set.length,
    values: [...names].map(([name, unit]) => ({
      name,
      unit,
      values: set.flatMap(
        ({ outcome }) =>
          outcome?.values.filter((one) => one.name === name).map(({ value }) => value) ?? [],
      ),
    })),
    verdicts: newest.outcome?.verdicts ?? [],
    smell: observation?.kind === 'look' ? observation.smell : null,
    sights: observation?.kind === 'look' ? observation.sights : [],
  }
}
