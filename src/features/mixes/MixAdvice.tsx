import { useState } from 'react'
import { LOSS_RANGE, type PhRemedy, phRemedy } from '../../core/mixes'
import type { Range } from '../../core/ranges'
import { wateringFit } from '../../core/season'
import { Button } from '../../ui/Button'
import { Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { useMixDesign } from './DesignContext'
import { type Miss, MixMiss } from './MixMiss'

const words = mixesWords.design
/** Air is aimed at a little inside the band: exactly on its edge the next wet week is outside. */
const INSIDE = 0.005
const LARGE = 1e6

/** Whether the mix fits; what does not, in a sentence each, with the smallest change that would reach it. */
export function MixAdvice() {
  const { answer, wish, what, everyDays, limeHater } = useMixDesign()
  const { format } = useSite()
  if (!answer) return null
  const { capacity, dry, plants, ph, ecSme } = answer
  if (!wish || !what) return <p>{words.fitsNothing}</p>
  const percent = (share: number) => format.plain(format.percent(share))
  const one = (value: number) => format.number(value, 1)
  const salts = (value: number) => format.plain(format.conductivity(value))
  const days = (value: number) => `${one(value)} ${words.daysUnit}`
  const air = capacity.airFraction
  const { airMin, airMax, pHLow, pHHigh, ecMaxSme } = wish
  const fit =
    everyDays === null
      ? null
      : wateringFit({
          days: dry.days,
          airFraction: air,
          cropAirMin: airMin,
          everyDays,
          likesDry: plants.likesDry,
        })

  const { likely } = answer
  const misses: Miss[] = []
  // What may well be inside its band by what is known is not to be mended, but to be tested.
  const unsure: Unsure[] = []
  const tell = (isUnsure: boolean, text: () => string, miss: Miss) => {
    if (isUnsure) unsure.push({ text: text(), miss })
    else misses.push(miss)
  }
  if (air < airMin - 1e-6 || air > airMax + 1e-6) {
    const { p10, p90 } = likely.airFraction
    const band = [format.number(airMin * 100), percent(airMax)] as const
    tell(
      mayLieIn(likely.airFraction, airMin, airMax),
      () => words.unsure.air(percent(air), ...band, format.number(p10 * 100), percent(p90)),
      {
        quality: 'air',
        low: airMin + INSIDE,
        high: airMax - INSIDE,
        sentence: words.missAir(percent(air), what, percent(airMin), percent(airMax)),
        written: percent,
      },
    )
  }
  if (fit?.verdict === 'dries out' && everyDays !== null && dry.days !== null) {
    const [least, most] = [dry.days / LOSS_RANGE, dry.days * LOSS_RANGE]
    const usual = dry.days
    tell(everyDays <= most, () => words.unsure.days(days(usual), one(least), one(most)), {
      quality: 'days',
      low: everyDays,
      high: LARGE,
      sentence: words.watering['dries out'],
      written: days,
    })
  }
  if (ecMaxSme !== null && ecSme > ecMaxSme) {
    const { p10, p90 } = likely.ecSme
    tell(
      mayLieIn(likely.ecSme, 0, ecMaxSme),
      () => words.unsure.ec(salts(ecSme), salts(ecMaxSme), one(p10), salts(p90)),
      {
        quality: 'ec',
        low: 0,
        high: ecMaxSme,
        sentence: words.missEc(salts(ecSme), salts(ecMaxSme)),
        written: salts,
      },
    )
  }
  const remedy = phRemedy({ blend: answer, wish, limeHater })
  const phLine = remedy && phAdvice(remedy)
  const wet = fit?.verdict === 'stays wet'
  const sure = misses.length > 0 || wet || (phLine !== null && !phLine.isUnsure)
  if (!sure && unsure.length === 0 && !phLine) return <Notice tone="ok">{words.fits(what)}</Notice>
  return (
    <Notice {...(sure ? { tone: 'act' as const } : {})}>
      {misses.map((miss) => (
        <MixMiss key={miss.quality} miss={miss} />
      ))}
      {phLine && <p>{phLine.text}</p>}
      {wet && <p>{words.watering['stays wet']}</p>}
      {unsure.map((one) => (
        <UnsureLine key={one.miss.quality} {...one} />
      ))}
    </Notice>
  )

  /** pH is mended by the gram, not by another material, which would change everything else. */
  function phAdvice({ kind, gPerL, targetPh }: PhRemedy): { text: string; isUnsure: boolean } {
    const { p10, p90 } = likely.ph
    if (mayLieIn(likely.ph, pHLow, pHHigh)) {
      const text = words.unsure.ph(one(ph), one(pHLow), one(pHHigh), one(p10), one(p90))
      return { text, isUnsure: true }
    }
    const grams = `${one(gPerL)} g`
    const miss = words.missPh(one(ph), one(pHLow), one(pHHigh))
    return { text: `${miss} ${words.phRemedy[kind](grams, one(targetPh))}`, isUnsure: false }
  }
}

interface Unsure {
  readonly text: string
  readonly miss: Miss
}

/** A number that may well be inside its band: no advice, unless it is asked for. */
function UnsureLine({ text, miss }: Unsure) {
  const [asked, setAsked] = useState(false)
  return (
    <>
      <p>
        {text}{' '}
        {!asked && (
          <Button weight="quiet" onClick={() => setAsked(true)}>
            {words.changeAnyway}
          </Button>
        )}
      </p>
      {asked && <MixMiss miss={miss} onDone={() => setAsked(false)} />}
    </>
  )
}

/** Whether a number that is told outside its band may well be inside it. */
function mayLieIn({ p10, p90 }: Range, low: number, high: number): boolean {
  return p90 >= low && p10 <= high
}
