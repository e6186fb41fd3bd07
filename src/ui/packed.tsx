import { type ComponentType, useMemo } from 'react'

/** What a screen is given, as one text; of what it is made stands in the type only. */
export interface Packed<Props> {
  readonly packed: string
  readonly of?: Props
}

/**
 * For screens that are given a whole garden: Astro wraps every value that goes to the browser by itself, and takes it out
 * again there; of two thousand pots that took longer than looking them up. What JSON does not know has to stay away.
 */
export function pack<Props>(props: Props): Packed<Props> {
  return { packed: JSON.stringify(props) }
}

/** A screen that takes what it is given as `pack` made it. */
export function unpacked<Props extends object>(
  Screen: ComponentType<Props>,
): ComponentType<Packed<Props>> {
  return function Unpacked({ packed }) {
    const props = useMemo(() => JSON.parse(packed) as Props, [packed])
    return <Screen {...props} />
  }
}
