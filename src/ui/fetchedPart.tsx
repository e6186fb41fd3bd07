import type { ComponentType } from 'react'
import { Button } from './Button'
import { common as commonWords } from './texts/common'
import { fetchedOnce, useFetched } from './useFetched'

/**
 * A part of a page whose script comes when the part is first shown. Where the connection is lost it says so, and can
 * be asked for again.
 * @returns the part, and a way to fetch it before anyone asks
 */
export function fetchedPart<Props extends object>(
  fetch: () => Promise<ComponentType<Props>>,
): { readonly Part: ComponentType<Props>; readonly prefetch: () => void } {
  const fetched = fetchedOnce(fetch)

  function Part(props: Props) {
    const { thing: Come, failed, again } = useFetched(fetched)
    if (Come) return <Come {...props} />
    if (!failed) return null
    return (
      <p role="status">
        {commonWords.partFailed}{' '}
        <Button weight="quiet" onClick={again}>
          {commonWords.tryAgain}
        </Button>
      </p>
    )
  }

  return { Part, prefetch: () => void fetched.load().catch(() => undefined) }
}
