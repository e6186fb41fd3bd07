import { useMemo } from 'react'
import type { MixMaterial } from '../../messages/mixes/mixViews'
import { Button } from '../../ui/Button'
import { Progress } from '../../ui/Progress'
import { useSite } from '../../ui/SiteContext'
import { mixAsked } from '../../ui/texts/mixes/mixAsked'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { useCore } from '../../workers/useCore'
import { useMixDesign } from './DesignContext'
import { remedies } from './MixMiss'
import { litresText } from './mixValues'

const words = mixAsked.swap

export type SwapId = 'noPeat' | 'onlyMine'

export interface MixSwapProps {
  readonly id: SwapId
  readonly onDone: () => void
}

/** The mix most like this one of what may be used, worked out and ready to be taken. */
export function MixSwap({ id, onDone }: MixSwapProps) {
  const { page, components, container, question, limeHater, replaceParts } = useMixDesign()
  const { format } = useSite()
  const search = useMemo(() => {
    if (!question || !container) return null
    const ofMix = new Set(components.map(({ material }) => material.id))
    const inMix = page.materials.filter(({ material }) => ofMix.has(material.id))
    const candidates = new Set([...inMix, ...remedies(page)])
    return {
      components: question.components,
      container: { shape: container.shape, fillHeightCm: container.fillHeightCm },
      usable: [...candidates].flatMap((one) => {
        const mostParts = most(id, one)
        const barred = limeHater && one.material.freeLimeGPerL > 0
        return mostParts > 0 && !barred ? [{ material: one.material, mostParts }] : []
      }),
    }
  }, [id, question, page, limeHater])
  const { answer, refusal, working, progress, stop } = useCore('mix-swap', 'closestMix', search)
  const percent = (share: number) => format.plain(format.percent(share))
  if (refusal) return <p>{refusal}</p>
  if (working) {
    return progress === null ? (
      <p>{words.working} …</p>
    ) : (
      <Progress label={words.working} share={progress} onStop={stop} />
    )
  }
  if (!answer) {
    const allThere = components.every(({ material, parts }) =>
      search?.usable.some((one) => one.material.id === material.id && one.mostParts >= parts),
    )
    return <p>{allThere ? words.nothingToDo[id] : words.nothingThere[id]}</p>
  }
  const { before, after, parts, alike } = answer
  const nameOf = (materialId: string) =>
    page.materials.find(({ material }) => material.id === materialId)?.material.name ?? materialId
  return (
    <p>
      {words.why[id]}{' '}
      {words.found(
        parts
          .map(({ materialId, parts: litres }) => `${litresText(litres)} ${nameOf(materialId)}`)
          .join(', '),
      )}{' '}
      {words.change(
        `${percent(before.air)} → ${percent(after.air)}`,
        `${percent(before.available)} → ${percent(after.available)}`,
        `${format.number(before.ph, 1)} → ${format.number(after.ph, 1)}`,
        `${format.number(before.ecSme, 1)} → ${format.plain(format.conductivity(after.ecSme))}`,
      )}{' '}
      {!alike && words.unlike}{' '}
      <Button
        onClick={() => {
          replaceParts(
            parts.map(({ materialId, parts: litres }) => ({
              materialId,
              litres: litresText(litres),
            })),
          )
          onDone()
        }}
      >
        {mixesWords.design.doIt}
      </Button>
    </p>
  )
}

/** How much of a material may go in. */
function most(id: SwapId, { material, stockLitres }: MixMaterial): number {
  if (id === 'onlyMine') return stockLitres
  return material.peat ? 0 : Number.POSITIVE_INFINITY
}
