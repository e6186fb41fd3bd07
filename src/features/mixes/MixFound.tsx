import { componentShares } from '../../core/media'
import { Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { trialFindings as words } from '../../ui/texts/trials/trialFindings'
import { useMixDesign } from './DesignContext'

const PERCENT = 100
const SAME = 1e-6

/** What trials of the garden found of this mix and of what goes into it. */
export function MixFound() {
  const { page, components, crop } = useMixDesign()
  const { format } = useSite()
  const shares = components.length > 0 ? componentShares(components) : []
  const over = page.caps.filter(({ cropId, materialId, maxPercent }) => {
    if (cropId !== null && cropId !== crop?.id) return false
    const share = shares.find(({ material }) => material.id === materialId)?.share ?? 0
    return share * PERCENT > maxPercent + SAME
  })
  const shareOf = (materialId: string) =>
    (shares.find(({ material }) => material.id === materialId)?.share ?? 0) * PERCENT
  return (
    <>
      {page.standardFor.map(({ trialId, trialName, cropName, version }) => (
        <Notice key={`${trialId} ${cropName}`} tone="ok">
          {words.standardFor(cropName, version)}: {words.from}{' '}
          <a href={`/trials/${trialId}/results`}>{trialName}</a>.
        </Notice>
      ))}
      {over.map(({ trialId, trialName, materialId, materialName, maxPercent, cropName }) => (
        <Notice key={`${trialId} ${materialId}`} tone="act">
          {words.tooMuch(
            materialName,
            format.number(shareOf(materialId)),
            format.number(maxPercent),
            cropName,
          )}
          : {words.from} <a href={`/trials/${trialId}/results`}>{trialName}</a>.
        </Notice>
      ))}
    </>
  )
}
