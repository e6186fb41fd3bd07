import type { LabelSize, LabelView } from '../../messages/labels'

/** Labels on sheets, the first places of the first one left free. */
export function sheetsOf(
  labels: readonly LabelView[],
  { columns, rows }: LabelSize,
  skip: number,
): (LabelView | null)[][] {
  const each = columns * rows
  const all = [...Array.from({ length: Math.min(skip, each - 1) }, () => null), ...labels]
  return Array.from({ length: Math.ceil(all.length / each) }, (_, index) =>
    all.slice(index * each, (index + 1) * each),
  )
}
