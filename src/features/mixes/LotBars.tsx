// Past the front door: the page needs no solver.
import { cropBars } from '../../core/recondition'
import { Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { bars as words } from '../../ui/texts/recondition/bars'
import { barText } from '../found/barText'
import { useMixDesign } from './DesignContext'

/** What was found in the lot a mix begins with, where it speaks against the crop it is for. */
export function LotBars() {
  const { page, crop } = useMixDesign()
  const { format } = useSite()
  if (!page.from || !crop) return null
  const bars = cropBars(page.from.judged, crop)
  if (bars.length === 0) return null
  return (
    <Notice tone="stop">
      {words.from(page.from.name)} {bars.map((bar) => barText(bar, crop.name, format)).join(' ')}{' '}
      <a href={`/lots/${page.from.id}`}>{page.from.name}</a>
    </Notice>
  )
}
