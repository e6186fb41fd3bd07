/** Something that happened to a pot of a trial. */
export interface PotEvent<Kind extends string = string> {
  readonly pot: number
  readonly kind: Kind
}

/**
 * Events that struck every pot of a treatment but not every pot of the trial: they may be what the treatment did, not an
 * accident, and pots left out for them would hide it.
 * @param treatmentOf treatment of each pot
 */
export function suspectedEffects<Kind extends string>(
  events: readonly PotEvent<Kind>[],
  treatmentOf: ReadonlyMap<number, number>,
): { readonly treatment: number; readonly kind: Kind }[] {
  const struck = new Map<Kind, Set<number>>()
  for (const { pot, kind } of events) {
    if (!treatmentOf.has(pot)) continue
    const pots = struck.get(kind) ?? new Set()
    struck.set(kind, pots.add(pot))
  }
  const treatments = [...new Set(treatmentOf.values())].sort((a, b) => a - b)
  return [...struck].flatMap(([kind, pots]) => {
    if (pots.size === treatmentOf.size) return []
    return treatments.flatMap((treatment) => {
      const mine = [...treatmentOf].filter(([, one]) => one === treatment)
      return mine.every(([pot]) => pots.has(pot)) ? [{ treatment, kind }] : []
    })
  })
}
