import { useState } from 'react'
import type { MixInPlace } from '../../../core/season'
import type { MixDesignPage, Wish } from '../../../messages/media/mixViews'
import { Button } from '../../../ui/Button'
import { useSite } from '../../../ui/SiteContext'
import { texts } from '../../../ui/texts'
import type { MixQuality, Question } from '../../../workers/jobs'
import { type AdjusterId, adjustersFor } from './adjusters'
import styles from './MixDesign.module.css'
import { MixMiss } from './MixMiss'
import type { MixValues } from './mixValues'

const words = texts.mixes.adjust

/** A habit or a place said in a word, and the change of the mix it calls for, computed. */
export function Adjusters({
  page,
  mix,
  answer,
  wish,
  onChange,
}: {
  readonly page: MixDesignPage
  readonly mix: Question<'mixInPlace'>
  readonly answer: MixInPlace
  readonly wish: Wish | null
  readonly onChange: (parts: MixValues['parts']) => void
}) {
  const { format } = useSite()
  const [chosen, setChosen] = useState<AdjusterId | null>(null)
  const adjusters = adjustersFor(answer, wish)
  const adjuster = adjusters.find(({ id }) => id === chosen)
  const written = (of: MixQuality) => (value: number) =>
    of === 'days'
      ? `${format.number(value, 1)} ${texts.mixes.design.daysUnit}`
      : of === 'kgPerL'
        ? `${format.number(value, 2)} kg/L`
        : format.plain(format.percent(value))
  return (
    <section aria-label={words.title} className={styles.adjusters}>
      <span>{words.title}</span>
      {adjusters.map(({ id }) => (
        <Button
          key={id}
          weight="quiet"
          aria-pressed={id === chosen}
          onClick={() => setChosen(id === chosen ? null : id)}
        >
          {words.names[id]}
        </Button>
      ))}
      {adjuster && (
        <div className={styles.adjusted}>
          <MixMiss
            page={page}
            mix={mix}
            miss={{
              of: adjuster.of,
              low: adjuster.low,
              high: adjuster.high,
              sentence: words.why[adjuster.id],
              written: written(adjuster.of),
            }}
            topic="mix-adjust"
            onChange={(parts) => {
              setChosen(null)
              onChange(parts)
            }}
          />
        </div>
      )}
    </section>
  )
}
