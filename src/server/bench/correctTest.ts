import { addMoment, readBenchTest, startTest } from '../../data/bench'
import { Conflict } from '../../data/errors'
import type { OpenDatabase } from '../database'

/**
 * Opens a finished test's answers again as a test of their own. The finished one counts until this one is finished; then it
 * is set aside and kept.
 * @throws NotFound, or Conflict for a test that still runs
 */
export async function correctTest(db: OpenDatabase, id: number): Promise<{ readonly id: number }> {
  const test = await readBenchTest(db, id)
  if (!test.endedAt) throw new Conflict('This test still runs: change its answers there.')
  const { kind, sample, isReference, innings, place, judge, kit, expected, startedAt, moments } =
    test
  const made = await startTest(db, {
    kind,
    sample,
    setId: test.setId ?? test.id,
    isReference,
    innings,
    place,
    judge,
    kit,
    expected,
    at: startedAt,
    correctsId: id,
  })
  for (const { id: momentId, key, at, value } of moments) {
    await addMoment(db, made, { id: `${momentId}-${made}`.slice(-60), key, at, value })
  }
  return { id: made }
}
