import { useMemo } from 'react'
import { Button } from '../../ui/Button'
import { Progress } from '../../ui/Progress'
import { useSite } from '../../ui/SiteContext'
import { mixAsked } from '../../ui/texts/mixes/mixAsked'
import { useCore } from '../../workers/useCore'
import { useMixDesign } from './DesignContext'
import styles from './MixDesign.module.css'
import { litresText } from './mixValues'

const words = mixAsked.cheapest

export interface CheapestOfferProps {
  readonly onTaken: () => void
}
const BATCH_LITRES = 10

/** The cheapest mix of what has a price that meets the wish in this pot. */
export function CheapestOffer({ onTaken }: CheapestOfferProps) {
  const { page, container, wish, limeHater, mostCompost, mostFound, bounds, what, replaceParts } =
    useMixDesign()
  const { format } = useSite()
  const key = JSON.stringify([container, wish, limeHater, mostCompost, mostFound, bounds?.groupId])
  // The key stands for pot and wish: another pot is another question.
  const question = useMemo(
    () =>
      container && wish
        ? {
            materials: page.materials.flatMap(({ material, pricePerLitre, putAway }) =>
              pricePerLitre === null || putAway ? [] : [{ material, pricePerLitre }],
            ),
            targets: {
              ...wish,
              limeHater,
              mostCompost,
              mostFound,
              groupId: bounds?.groupId ?? null,
            },
            container: { shape: container.shape, fillHeightCm: container.fillHeightCm },
          }
        : null,
    [key, page],
  )
  const { answer, refusal, working, progress, stop } = useCore('cheapest', 'cheapestMix', question)
  const percent = (share: number) => format.plain(format.percent(share))
  const nameOf = (id: string) =>
    page.materials.find(({ material }) => material.id === id)?.material.name ?? id

  if (!container || !wish || !what) return null
  if (working) return <Progress label={words.working} share={progress} onStop={stop} />
  if (!answer) return <p className={styles.note}>{refusal ?? words.none(what)}</p>
  return (
    <p>
      {words.found(
        answer.parts
          .map(({ materialId, share }) => `${percent(share)} ${nameOf(materialId)}`)
          .join(', '),
        format.money(answer.pricePerLitre),
        percent(answer.air),
        format.number(answer.ph, 1),
        format.number(answer.tried),
      )}{' '}
      <Button
        onClick={() => {
          replaceParts(
            answer.parts.map(({ materialId, share }) => ({
              materialId,
              litres: litresText(share * BATCH_LITRES),
            })),
          )
          onTaken()
        }}
      >
        {words.take}
      </Button>
    </p>
  )
}
