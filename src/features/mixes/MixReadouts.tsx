import type { ReactNode } from 'react'
import { LOSS_RANGE, type MixAnswer, type MixCost } from '../../core/mixes'
import type { Wish } from '../../messages/mixes/mixViews'
import { Band } from '../../ui/Band'
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
          words.likely(percent(likely.airFraction.p10), percent(likely.airFraction.p90)),
          wish && mixesWords.wanted(percent(wish.airMin), percent(wish.airMax)),
        ]
          .filter(Boolean)
          .join('; '),
        wish && (
          <Band
            value={capacity.airFraction}
            likely={likely.airFraction}
            low={wish.airMin}
            high={wish.airMax}
            from={0}
            to={0.6}
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
        `${words.inOne}; ${words.likely(
          format.number(likely.usableFraction.p10 * fillLitres, 1),
          format.plain(format.litres(likely.usableFraction.p90 * fillLitres)),
        )}`,
      )}
      {readout('weight', kg(dry.heftCapacityKg), words.thirsty(format.plain(kg(dry.heftRefillKg))))}
      {readout(
        'ph',
        { number: format.number(ph, 1), unit: '' },
        [
          words.likely(format.number(likely.ph.p10, 1), format.number(likely.ph.p90, 1)),
          wish && mixesWords.wanted(format.number(wish.pHLow, 1), format.number(wish.pHHigh, 1)),
        ]
          .filter(Boolean)
          .join('; '),
        wish && (
          <Band
            value={ph}
            likely={likely.ph}
            low={wish.pHLow}
            high={wish.pHHigh}
            from={3.5}
            to={8.5}
          />
        ),
      )}
      {readout(
        'ec',
        format.conductivity(ecSme),
        [
          words.likely(format.number(likely.ecSme.p10, 1), format.number(likely.ecSme.p90, 1)),
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
