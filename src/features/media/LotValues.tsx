import type { ReactNode } from 'react'
import type { LotPage, LotWhyKey } from '../../messages/media/lotViews'
import { AgainstWanted } from '../../ui/AgainstWanted'
import { WhyFigure } from '../../ui/Figure'
import type { Amount } from '../../ui/format'
import { useSite } from '../../ui/SiteContext'
import { media as mediaWords } from '../../ui/texts/media/media'
import styles from './LotScreen.module.css'

const words = mediaWords.page

export const VALUE_KEYS: readonly LotWhyKey[] = [
  'litres',
  'air',
  'lowAir',
  'ph',
  'ec',
  'innings',
  'weight',
]

export interface Asking {
  readonly asked: LotWhyKey | null
  readonly ask: (key: LotWhyKey | null) => void
}

interface Row {
  readonly key: LotWhyKey
  readonly name: string
  /** What the crop wants, in words. */
  readonly wanted?: string | null
  readonly amount: Amount
  /** Left out for what is booked, null for an estimate. */
  readonly measuredOn?: string | null
  readonly band?: ReactNode
}

/** Last values, measured or estimated, each against the crop's band, each to be asked why. */
export function LotValues({ page, asking }: { page: LotPage; asking: Asking }) {
  const rows = useRows(page)
  return (
    <dl className={styles.values}>
      {rows.map(({ key, name, wanted, amount, band, ...measured }) => (
        <div key={key} className={styles.value}>
          <dt>
            {name}
            {wanted && <span className={styles.note}> {wanted}</span>}
          </dt>
          <dd>
            <WhyFigure
              name={words.whyNames[key]}
              amount={amount}
              {...measured}
              large
              pressed={asking.asked === key}
              onAsk={() => asking.ask(key)}
            />
          </dd>
          <dd className={styles.bandCell}>{band}</dd>
        </div>
      ))}
    </dl>
  )
}

function useRows({ crop, air, ph, ecSme, pot, ...page }: LotPage): Row[] {
  const likely = (key: LotWhyKey) => {
    const range = page.why[key]?.range
    return range ? { p10: range[0], p90: range[1] } : null
  }
  const { format } = useSite()
  const percent = (share: number) => format.plain(format.percent(share))
  const number = (value: number, digits = 1) => format.number(value, digits)
  const rows: (Row | null)[] = [
    page.litres > 0
      ? { key: 'litres', name: words.inIt, amount: format.litres(page.litres) }
      : null,
    air && {
      key: 'air',
      name: words.air,
      wanted: crop && words.band(number(crop.airMin * 100, 0), percent(crop.airMax), crop.name),
      amount: format.percent(air.value),
      measuredOn: air.measuredOn,
      band: crop && (
        <AgainstWanted quantity="air" value={air.value} wanted={crop} likely={likely('air')} />
      ),
    },
    pot && {
      key: 'lowAir',
      name: words.lowAir,
      amount: format.cm(pot.lowAirDepthCm),
      measuredOn: null,
    },
    ph && {
      key: 'ph',
      name: words.ph,
      wanted: crop && words.band(number(crop.pHLow), number(crop.pHHigh), crop.name),
      amount: { number: number(ph.value), unit: 'pH' },
      measuredOn: ph.measuredOn,
      band: crop && (
        <AgainstWanted quantity="ph" value={ph.value} wanted={crop} likely={likely('ph')} />
      ),
    },
    ecSme && {
      key: 'ec',
      name: words.ec,
      wanted:
        crop &&
        words.ecCeiling(
          format.plain(format.conductivity(crop.ecMaxSme)),
          crop.name,
          ecSme.value > crop.ecMaxSme,
        ),
      amount: format.conductivity(ecSme.value),
      measuredOn: ecSme.measuredOn,
      band: crop && (
        <AgainstWanted quantity="ec" value={ecSme.value} wanted={crop} likely={likely('ec')} />
      ),
    },
    page.inningsLeft && {
      key: 'innings',
      name: words.inningsLeft,
      wanted: likelyInnings(page),
      amount: {
        number:
          page.inningsLeft.value >= page.inningsLeft.most
            ? words.orMore(page.inningsLeft.most)
            : page.inningsLeft.value === 0
              ? words.noMore
              : number(page.inningsLeft.value, 0),
        unit: words.seasons(page.inningsLeft.value),
      },
      measuredOn: null,
    },
    page.bulkDensity !== null && page.water !== null
      ? {
          key: 'weight',
          name: words.weight,
          amount: { number: number(page.bulkDensity + page.water, 2), unit: words.perLitre },
          measuredOn: null,
        }
      : null,
  ]
  return rows.filter((row): row is Row => row !== null)
}

/** Between which numbers the innings left likely lie, where that is more than one. */
function likelyInnings({ why, inningsLeft }: Pick<LotPage, 'why' | 'inningsLeft'>): string | null {
  const range = why.innings?.range
  if (!range || !inningsLeft || range[0] === range[1]) return null
  const most = range[1] >= inningsLeft.most ? words.orMore(inningsLeft.most) : String(range[1])
  return words.likelySeasons(String(range[0]), most)
}
