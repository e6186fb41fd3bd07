import { useMemo } from 'react'
import type { MaterialGroup } from '../../../core/media'
import type { MixDesignPage } from '../../../messages/media/mixViews'
import { Button } from '../../../ui/Button'
import { useSite } from '../../../ui/SiteContext'
import { texts } from '../../../ui/texts'
import type { MixQuality, Question } from '../../../workers/jobs'
import { useCore } from '../../../workers/useCore'
import { changedParts } from './changedParts'
import type { MixValues } from './mixValues'

const words = texts.mixes.design

/** A quality of the mix that lies outside its band. */
export interface Miss {
  readonly of: MixQuality
  readonly low: number
  readonly high: number
  readonly sentence: string
  readonly written: (value: number) => string
}

/** Soil from the ground, spent media and what rots from them are no way to mend a mix. */
const NO_REMEDY: readonly MaterialGroup[] = ['mineral soil', 'spent media', 'breakdown product']

/** What does not fit, and the smallest change of one material that would reach it, ready to be made. */
export function MixMiss({
  page,
  mix,
  miss: { of, low, high, sentence, written },
  topic = `mix-change-${of}`,
  onChange,
}: {
  readonly page: MixDesignPage
  readonly mix: Question<'mixInPlace'>
  readonly miss: Miss
  /** Of the question: only the newest of a topic is answered. */
  readonly topic?: string
  readonly onChange: (parts: MixValues['parts']) => void
}) {
  const { format } = useSite()
  const search = useMemo(
    () => ({
      of,
      mix,
      low,
      high,
      candidates: page.materials
        .filter(({ material, putAway }) => !putAway && !NO_REMEDY.includes(material.group))
        .map(({ material }) => material),
      pricePerLitre: Object.fromEntries(
        page.materials.flatMap(({ material, pricePerLitre }) =>
          pricePerLitre === null ? [] : [[material.id, pricePerLitre] as const],
        ),
      ),
    }),
    [of, mix, low, high, page],
  )
  const { answer: change, working } = useCore(topic, 'mixChange', search)
  const found = change && page.materials.find(({ material }) => material.id === change.materialId)
  if (working) {
    return (
      <p>
        {sentence} {words.looking} …
      </p>
    )
  }
  if (!change || !found) {
    return (
      <p>
        {sentence} {words.noChange}
        {of === 'air' || of === 'days' ? ` ${words.otherPot}` : ''}
      </p>
    )
  }
  const amount = format.plain(format.litres(Math.abs(change.deltaParts)))
  const told = change.deltaParts > 0 ? words.changeMore : words.changeLess
  return (
    <p>
      {sentence} {told(amount, found.material.name, written(change.value))}{' '}
      <Button onClick={() => onChange(changedParts(mix.components, change))}>{words.doIt}</Button>
    </p>
  )
}
