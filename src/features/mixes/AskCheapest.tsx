import { useState } from 'react'
import { Button } from '../../ui/Button'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { useMixDesign } from './DesignContext'
import { CheapestOffer } from './designParts'

/** The cheapest mix for this pot and this wish, worked out when it is asked for; another pot is another question. */
export function AskCheapest() {
  const { container, wish, limeHater, mostCompost, mostFound, bounds, what } = useMixDesign()
  const [askedFor, setAskedFor] = useState<string | null>(null)
  if (!container || !wish || !what) return null
  const key = JSON.stringify([container, wish, limeHater, mostCompost, mostFound, bounds?.groupId])
  if (askedFor === key) return <CheapestOffer onTaken={() => setAskedFor(null)} />
  return <Button onClick={() => setAskedFor(key)}>{mixesWords.cheapest.ask}</Button>
}
