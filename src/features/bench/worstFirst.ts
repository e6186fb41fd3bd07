import type { BenchVerdict } from '../../messages/bench/benchViews'

const ORDER: readonly BenchVerdict['tone'][] = ['stop', 'act', 'ok']

/** Verdicts, the worst first, else as they were told. */
export function worstFirst(verdicts: readonly BenchVerdict[]): BenchVerdict[] {
  return [...verdicts].sort((a, b) => ORDER.indexOf(a.tone) - ORDER.indexOf(b.tone))
}
