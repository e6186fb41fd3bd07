import { useEffect, useState } from 'react'

/** Something that is fetched once, and kept. */
export interface Fetched<Thing> {
  /** null until it has come. */
  readonly come: () => Thing | null
  readonly load: () => Promise<void>
}

export function fetchedOnce<Thing>(fetch: () => Promise<Thing>): Fetched<Thing> {
  let come: Thing | null = null
  return {
    come: () => come,
    load: async () => {
      come ??= await fetch()
    },
  }
}

/** Fetches it as soon as it is shown; what failed can be asked for again. */
export function useFetched<Thing>({ come, load }: Fetched<Thing>) {
  const [state, setState] = useState<'waiting' | 'come' | 'failed'>(come() ? 'come' : 'waiting')
  useEffect(() => {
    if (state !== 'waiting') return
    let left = false
    load().then(
      () => left || setState('come'),
      () => left || setState('failed'),
    )
    return () => {
      left = true
    }
  }, [state, load])
  return {
    thing: state === 'come' ? come() : null,
    failed: state === 'failed',
    again: () => setState('waiting'),
  }
}
