import { useVirtualizer } from '@tanstack/react-virtual'
import { type RefObject, useEffect } from 'react'
import { useReady } from '../useReady'

/** Up to so many rows all are drawn: fewer gain nothing. The server draws as many. */
const DRAW_ALL = 80
const ROW_PX = 45

/** Which rows of a long table are drawn: those in view and a few around. */
export function useWindow(
  count: number,
  scroller: RefObject<HTMLDivElement | null>,
  onEnd: (() => void) | undefined,
) {
  const mounted = useReady()
  const long = count > DRAW_ALL
  const virtual = useVirtualizer({
    count: long ? count : 0,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 12,
  })
  const items = virtual.getVirtualItems()
  const first = items[0]
  const last = items.at(-1)
  const drawsAll = !long || !mounted || !first || !last
  const to = drawsAll ? Math.min(count, DRAW_ALL) : last.index + 1
  useEffect(() => {
    if (onEnd && to >= count) onEnd()
  }, [onEnd, to, count])
  return {
    from: drawsAll ? 0 : first.index,
    to,
    above: drawsAll ? 0 : first.start,
    below: drawsAll ? 0 : virtual.getTotalSize() - last.end,
    show: (index: number) => {
      if (long) virtual.scrollToIndex(index, { align: 'auto' })
    },
  }
}
