import { wateringFit } from '../../core/season'
import { Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { mixes as mixesWords } from '../../ui/texts/mixes'
import { useMixDesign } from './DesignContext'
import { type Miss, MixMiss } from './MixMiss'

const words = mixesWords.design
/** Air is aimed at a little inside the band: exactly on its edge the next wet week is outside. */
const INSIDE = 0.005
const LARGE = 1e6

/** Whether the mix fits; what does not, in a sentence each, with the smallest change that would reach it. */
export function MixAdvice() {
  const { answer, wish, what, everyDays } = useMixDesign()
  const { format } = useSite()
  if (!answer) return null
  const { capacity, dry, plants, ph, ecSme } = answer
  if (!wish || !what) return <p>{words.fitsNothing}</p>
  const percent = (share: number) => format.plain(format.percent(share))
  const one = (value: number) => format.number(value, 1)
  const salts = (value: number) => `${one(value)} dS/m`
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

  const misses: Miss[] = []
  if (air < airMin - 1e-6 || air > airMax + 1e-6) {
    misses.push({
      of: 'air',
      low: airMin + INSIDE,
      high: airMax - INSIDE,
      sentence: words.missAir(percent(air), what, percent(airMin), percent(airMax)),
      written: percent,
    })
  }
  if (fit?.verdict === 'dries out' && everyDays !== null) {
    misses.push({
      of: 'days',
      low: everyDays,
      high: LARGE,
      sentence: words.watering['dries out'],
      written: days,
    })
  }
  if (ph < pHLow || ph > pHHigh) {
    misses.push({
      of: 'ph',
      low: pHLow,
      high: pHHigh,
      sentence: words.missPh(one(ph), one(pHLow), one(pHHigh)),
      written: one,
    })
  }
  if (ecMaxSme !== null && ecSme > ecMaxSme) {
    misses.push({
      of: 'ec',
      low: 0,
      high: ecMaxSme,
      sentence: words.missEc(salts(ecSme), salts(ecMaxSme)),
      written: salts,
    })
  }
  const wet = fit?.verdict === 'stays wet'
  if (misses.length === 0 && !wet) return <Notice tone="ok">{words.fits(what)}</Notice>
  return (
    <Notice tone="act">
      {misses.map((miss) => (
        <MixMiss key={miss.of} miss={miss} />
      ))}
      {wet && <p>{words.watering['stays wet']}</p>}
    </Notice>
  )
}
