import { useEffect, useState } from 'react'
import { Notice } from '../../ui/Notice'
import { Progress } from '../../ui/Progress'
import { PotSection } from '../../ui/pictures/PotSection'
import { useSite } from '../../ui/SiteContext'
import { common as commonWords } from '../../ui/texts/common'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { useMixDesign } from './DesignContext'
import { mixWhy } from './designParts'
import styles from './MixDesign.module.css'
import { MixReadouts } from './MixReadouts'
import { MixSeasons } from './MixSeasons'
import { MixSuits } from './MixSuits'
import { costOf } from './mixCost'
import { mixPot } from './mixPot'
import type { MixWhyKey } from './whyOfMix'

const words = mixesWords.design

/** The mix in its pot, its numbers, and the arithmetic of the one that was asked. */
export function MixInPot() {
  const {
    page,
    changed,
    components,
    container,
    answer,
    refusal,
    progress,
    stop,
    wish,
    what,
    place,
  } = useMixDesign()
  const { format } = useSite()
  const [asked, setAsked] = useState<MixWhyKey | null>(null)
  useEffect(mixWhy.prefetch, [])
  const ask = (key: MixWhyKey) => setAsked(key === asked ? null : key)
  const cm = (value: number) => format.plain(format.cm(value))
  if (!answer || !container) {
    return (
      <section className={styles.panel} aria-label={words.after(container?.name ?? '')}>
        {refusal ? <Notice tone="stop">{refusal}</Notice> : <p>{words.measureFirst}</p>}
        {progress !== null && <Progress label={words.working} share={progress} onStop={stop} />}
      </section>
    )
  }
  const cost = costOf(components, page.materials, answer)
  const partLitres = components.reduce((sum, { parts }) => sum + parts, 0)
  const facts = { wish, place, fillHeightCm: container.fillHeightCm, cost, partLitres }
  const { saturatedDepthCm, lowAirDepthCm } = answer.capacity
  return (
    <>
      <section className={styles.panel} aria-labelledby="in-pot">
        <h2 id="in-pot">{words.after(container.name)}</h2>
        <div className={styles.pot}>
          <PotSection
            pot={mixPot(components, container, answer, wish?.rootDepthCm ?? null)}
            size="stage"
            planted={what !== null}
          />
        </div>
        <p className={styles.note}>
          {words.zones(cm(saturatedDepthCm), cm(lowAirDepthCm))}
          {wish?.rootDepthCm ? words.roots(cm(wish.rootDepthCm)) : ''}
        </p>
        {page.tested && changed && (
          <p className={styles.note}>{words.fromTest(format.day(page.tested.on))}</p>
        )}
        {page.tested && !changed && (
          <p>
            <a href={`/bench/samples/mix/${page.mix?.id}`}>
              {words.tested(
                format.day(page.tested.on),
                format.plain(format.percent(page.tested.air)),
                format.plain(format.percent(page.tested.expectedAir)),
              )}
            </a>
          </p>
        )}
        <MixReadouts
          answer={answer}
          wish={wish}
          cost={cost}
          month={page.month}
          asked={asked}
          ask={ask}
        />
        {refusal && <Notice tone="stop">{refusal}</Notice>}
        <MixSuits page={page} answer={answer} />
        <p className={styles.note}>{words.roof}</p>
      </section>
      <div className={styles.beside}>
        {asked ? (
          <mixWhy.Part asked={asked} answer={answer} facts={facts} onClose={() => setAsked(null)} />
        ) : (
          <p className={styles.note}>{commonWords.askWhy}</p>
        )}
        <MixSeasons
          seasons={answer.seasons}
          airMin={wish?.airMin ?? null}
          asked={asked === 'seasons'}
          onAsk={() => ask('seasons')}
        />
      </div>
    </>
  )
}
