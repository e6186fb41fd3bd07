import type { LabelView } from '../../messages/labels'

type Strata = LabelView['strata']

/** What the labels show of their mixes, each picture once: pots are filled from few lots. */
export interface LabelMixes {
  readonly pictures: readonly { readonly id: string; readonly strata: Strata }[]
  /** Id of a label's picture; null where nothing is in its pot. */
  readonly idOf: (label: LabelView) => string | null
}

export function mixesOf(labels: readonly LabelView[]): LabelMixes {
  const ids = new Map<string, string>()
  const pictures: { id: string; strata: Strata }[] = []
  for (const { strata } of labels) {
    const key = keyOf(strata)
    if (key === '' || ids.has(key)) continue
    const id = `mix-${pictures.length + 1}`
    ids.set(key, id)
    pictures.push({ id, strata })
  }
  return { pictures, idOf: ({ strata }) => ids.get(keyOf(strata)) ?? null }
}

function keyOf(strata: Strata): string {
  return strata.map(({ materialId, share }) => `${materialId} ${share}`).join(' ')
}
