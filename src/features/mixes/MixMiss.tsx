import { useMemo } from 'react'
import type { MaterialGroup } from '../../core/media'
import type { MixQuality, SeasonWater } from '../../core/mixes'
import type { MixDesignPage, MixMaterial } from '../../messages/mixes/mixViews'
import { Button } from '../../ui/Button'
import { useSite } from '../../ui/SiteContext'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import type { Question } from '../../workers/jobs'
import { useCore } from '../../workers/useCore'
import { changedParts } from './changedParts'
import { useMixDesign } from './DesignContext'

const words = mixesWords.design

/** A quality of the mix that lies outside its band. */
export interface Miss {
  readonly quality: MixQuality
  readonly low: number
  readonly high: number
  /** Says what is wrong, where needed with the quality as it is. */
  readonly sentence: string | ((before: string) => string)
  readonly written: (value: number) => string
  /** Said where no change of one material is enough. */
  readonly otherwise?: string
  readonly water?: SeasonWater
}

function containerOf({ container }: Question<'mixInPlace'>) {
  return { shape: container.shape, fillHeightCm: container.fillHeightCm }
}

function otherwiseFor(of: MixQuality, isShort: boolean): string {
  if (of === 'air') return isShort ? words.tallerPot : words.lowerPot
  return of === 'days' ? words.largerPot : ''
}

/** Soil from the ground, spent media and what rots from them are no way to mend a mix. */
const NO_REMEDY: readonly MaterialGroup[] = ['mineral soil', 'spent media', 'breakdown product']

/** Sand finer than this fills the gaps: it mends a number and spoils the mix. */
const FINEST_AGGREGATE_MM = 0.5

/** What may be put into a mix to mend it. */
export function remedies({ materials }: MixDesignPage): MixMaterial[] {
  return materials.filter(
    ({ material: { group, grainMm }, putAway }) =>
      !putAway &&
      !NO_REMEDY.includes(group) &&
      (group !== 'aggregate' || grainMm >= FINEST_AGGREGATE_MM),
  )
}

/** What does not fit, and the smallest change of one material that would reach it, ready to be made. */
export function MixMiss({
  miss: { quality, low, high, sentence, written, otherwise, water },
  mix,
  topic = `mix-change-${quality}`,
  onDone,
}: {
  readonly miss: Miss
  /** The mix in another place than the one it is designed in. */
  readonly mix?: Question<'mixInPlace'>
  /** Of the question: only the newest of a topic is answered. */
  readonly topic?: string
  readonly onDone?: () => void
}) {
  const { format } = useSite()
  const { page, question, bounds, replaceParts } = useMixDesign()
  const asked = mix ?? question
  const search = useMemo(
    () =>
      asked && {
        quality,
        mix: asked,
        low,
        high,
        ...(water ? { water } : {}),
        ...(bounds ? { bounds: { ...bounds, container: containerOf(asked) } } : {}),
        candidates: remedies(page).map(({ material }) => material),
        pricePerLitre: Object.fromEntries(
          page.materials.flatMap(({ material, pricePerLitre }) =>
            pricePerLitre === null ? [] : [[material.id, pricePerLitre] as const],
          ),
        ),
      },
    [
      quality,
      asked,
      low,
      high,
      page,
      bounds,
      water?.alkalinityMgPerL,
      water?.litres,
      water?.mediaLitres,
    ],
  )
  const { answer, refusal, working } = useCore(topic, 'mixChange', search)
  const said = (before: number | null) =>
    typeof sentence === 'string' ? sentence : before === null ? '' : sentence(written(before))
  if (!asked) return null
  if (refusal) return <p>{refusal}</p>
  if (working || !answer) {
    return (
      <p>
        {said(null)} {words.looking} …
      </p>
    )
  }
  const { before, change } = answer
  const found = change && page.materials.find(({ material }) => material.id === change.materialId)
  if (!change || !found) {
    const fits = before >= low - 1e-9 && before <= high + 1e-9
    return (
      <p>
        {said(before)} {fits ? words.noNeed : words.noChange}{' '}
        {!fits && (otherwise ?? otherwiseFor(quality, before < low))}
      </p>
    )
  }
  const amount = format.measured(Math.abs(change.deltaParts))
  const changeSays = change.deltaParts > 0 ? words.changeMore : words.changeLess
  return (
    <p>
      {said(before)} {changeSays(amount, found.material.name, written(change.value))}{' '}
      <Button
        onClick={() => {
          replaceParts(changedParts(asked.components, change))
          onDone?.()
        }}
      >
        {words.doIt}
      </Button>
    </p>
  )
}
