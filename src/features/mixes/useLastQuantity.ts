import { useState } from 'react'
import type { Dimension } from '../../core/units'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'

/** A quantity as it is typed, and the last one that made sense: half a word must not empty the picture. */
export function useLastQuantity(first: string, dimension: Dimension) {
  const { site } = useSite()
  const [typed, setTyped] = useState(first)
  const [last, setLast] = useState(() => readQuantity(first, dimension, site.measures).value ?? 0)
  const type = (text: string) => {
    setTyped(text)
    const { value } = readQuantity(text, dimension, site.measures)
    if (value !== null) setLast(value)
  }
  return [typed, last, type] as const
}
