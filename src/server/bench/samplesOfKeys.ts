import type { TestKind } from '../../core/bench'
import type { Sample, TestTold } from '../../data/bench'

/** A sample as an address names it, "mix:3"; null for what names none. */
export function sampleOfKey(key: string): Sample | null {
  const [kind, id = ''] = key.split(':')
  if (kind === 'material') return { kind, id }
  return (kind === 'lot' || kind === 'mix') && Number(id) > 0 ? { kind, id: Number(id) } : null
}

/**
 * The newest test of a kind with its repeats.
 * @param tests newest first
 */
export function newestSet<Test extends Pick<TestTold, 'id' | 'setId' | 'kind'>>(
  tests: readonly Test[],
  kind: TestKind | null,
): Test[] {
  const newest = tests.find((one) => one.kind === kind)
  if (!newest) return []
  const setId = newest.setId ?? newest.id
  return tests.filter((one) => one.kind === kind && (one.setId ?? one.id) === setId)
}
