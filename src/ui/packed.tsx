import { type ComponentType, useMemo } from 'react'

/** Stands for a quote, which would be seven characters of the page, and there are tens of thousands of them. */
const QUOTE = '~'
/** Where it stands in a text itself, in the way JSON may write any character. */
const SIGN_ITSELF = '\\u007e'

/** What a screen is given, as one text; of what it is made stands in the type only. */
export interface Packed<Props> {
  readonly packed: string
  readonly packedAs?: Props
}

/** What was packed last, and of what: the server makes the screen a moment later, and need not read its own text again. */
let last: { readonly packed: string; readonly props: unknown } | null = null

/**
 * For screens that are given a whole garden: Astro wraps every value that goes to the browser by itself, and takes it out
 * again there; of two thousand pots that took longer than looking them up. What JSON does not know has to stay away.
 */
export function pack<Props>(props: Props): Packed<Props> {
  const packed = JSON.stringify(props).replaceAll(QUOTE, SIGN_ITSELF).replaceAll('"', QUOTE)
  last = { packed, props }
  return { packed }
}

/** A screen that takes what it is given as `pack` made it. */
export function unpacked<Props extends object>(
  Screen: ComponentType<Props>,
): ComponentType<Packed<Props>> {
  return function Unpacked({ packed }) {
    const props = useMemo(() => read<Props>(packed), [packed])
    return <Screen {...props} />
  }
}

function read<Props>(packed: string): Props {
  if (last?.packed === packed) return last.props as Props
  return JSON.parse(packed.replaceAll(QUOTE, '"')) as Props
}
