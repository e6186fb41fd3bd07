import type { ReactNode } from 'react'
import { LOSS_RANGE, type MixAnswer, type MixCost } from '../../core/mixes'
import type { Wish } from '../../messages/mixes/mixViews'
import { AgainstWanted, likelyText } from '../../ui/AgainstWanted'
import { WhyFigure } from '../../ui/Figure'
import type { Amount } from '../../ui/format'
import { useSite } from '../../ui/SiteContext'
import { common as commonWords } from '../../ui/texts/common'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import styles from './MixDesign.module.css'
import type { MixWhyKey, ReadoutKey } from './whyOfMix'

const words = mixesWords.design

/** What the mix does here, number by number, each against what is wanted. */
export function MixReadouts({
  answer: { capacity, dry, daysYoung, ph, ecSme, nitrogen, fillLitres, likely },
  wish,
  cost,
  month,
  asked,
  ask,
}: {
  readonly answer: MixAnswer
  readonly wish: Wish | null
  readonly cost: MixCost
  readonly month: number
  readonly asked: MixWhyKey | null
  readonly ask: (key: MixWhyKey) => void
}) {
  const { format } = useSite()
  const kg = (value: number): Amount => ({ number: format.number(value, 1), unit: 'kg' })
  const shortDays = (days: number) => format.number(days, days < 10 ? 1 : 0)
  const percent = (share: number) => format.plain(format.percent(share))
  const readout = (key: ReadoutKey, amount: Amount | null, note: ReactNode, band?: ReactNode) => (
    <div className={styles.readout}>
      <dt>{words.numbers[key]}</dt>
      <dd>
        {amount ? (
          <WhyFigure
            name={words.whyOf[key]}
            pressed={asked === key}
            onAsk={() => ask(key)}
            amount={amount}
            measuredOn={null}
            large
          />
        ) : (
          <span className={styles.none}>{commonWords.none}</span>
        )}
        {band}
        <small>{note}</small>
      </dd>
    </div>
  )
  return (
    <dl className={styles.readouts}>
      {readout(
        'air',
        format.percent(capacity.airFraction),
        [
          likelyText('air', likely.airFraction, format),
          wish && mixesWords.wanted(percent(wish.airMin), percent(wish.airMax)),
        ]
          .filter(Boolean)
          .join('; '),
        wish && (
          <AgainstWanted
            quantity="air"
            value={capacity.airFraction}
            wanted={wish}
            likely={likely.airFraction}
          />
        ),
      )}
      {readout(
        'days',
        dry.days === null ? null : { number: format.days(dry.days), unit: words.daysUnit },
        dry.days === null
          ? words.forEver
          : words.inMonth(
              mixesWords.month(month),
              `${shortDays(dry.days / LOSS_RANGE)} – ${shortDays(dry.days * LOSS_RANGE)}`,
              daysYoung === null ? null : shortDays(daysYoung),
            ),
      )}
      {readout(
        'water',
        format.litres(dry.usableLitres),
        `${words.inOne}; ${commonWords.likely(
          format.number(likely.usableFraction.p10 * fillLitres, 1),
          format.plain(format.litres(likely.usableFraction.p90 * fillLitres)),
        )}`,
      )}
      {readout('weight', kg(dry.heftCapacityKg), words.thirsty(format.plain(kg(dry.heftRefillKg))))}
      {readout(
        'ph',
        { number: format.number(ph, 1), unit: '' },
        [
          likelyText('ph', likely.ph, format),
          wish && mixesWords.wanted(format.number(wish.pHLow, 1), format.number(wish.pHHigh, 1)),
        ]
          .filter(Boolean)
          .join('; '),
        wish && <AgainstWanted quantity="ph" value={ph} wanted={wish} likely={likely.ph} />,
      )}
      {readout(
        'ec',
        format.conductivity(ecSme),
        [
          likelyText('ec', likely.ecSme, format),
          wish?.ecMaxSme ? words.most(format.plain(format.conductivity(wish.ecMaxSme))) : '',
        ]
          .filter(Boolean)
          .join('; '),
      )}
      {nitrogen &&
        readout(
          'nitrogen',
          { number: format.number(nitrogen.tiedUpMgPerL), unit: 'mg/L' },
          words.releases(`${format.number(nitrogen.releasedMgPerL)} mg/L`),
        )}
      {readout(
        'cost',
        cost.perLitre === null ? null : { number: format.money(cost.perLitre), unit: '' },
        cost.missing.length > 0 ? words.noPrice(cost.missing.join(', ')) : null,
      )}
    </dl>
  )
}
