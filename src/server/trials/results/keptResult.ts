import { type MeasureQuestion, type MeasureResult, measureResult } from '../../../core/trials'

/** Results that were worked out last: drawing arrangements takes longer than reading what was asked before. */
const MOST_KEPT = 1000
const kept = new Map<string, MeasureResult | null>()

/** What a measure says; the same question is worked out once. */
export function keptResult(question: MeasureQuestion): MeasureResult | null {
  const key = JSON.stringify(question, (_, value) => (value === undefined ? null : value))
  const known = kept.get(key)
  if (known !== undefined) {
    kept.delete(key)
    kept.set(key, known)
    return known
  }
  const result = measureResult(question)
  kept.set(key, result)
  const [oldest] = kept.keys()
  if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest)
  return result
}
