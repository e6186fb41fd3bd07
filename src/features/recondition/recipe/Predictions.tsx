import type { ReactNode } from 'react'
import type { RecipePage } from '../../../messages/recondition/turnover'
import { AgainstWanted, likelyText } from '../../../ui/AgainstWanted'
import { Band } from '../../../ui/Band'
import { WhyFigure } from '../../../ui/Figure'
import type { Amount } from '../../../ui/format'
import { useSite } from '../../../ui/SiteContext'
import { common as commonWords } from '../../../ui/texts/common'
import { media as mediaWords } from '../../../ui/texts/media/media'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'
import type { Asked, Asking } from './RecipeScreen'
import styles from './RecipeScreen.module.css'

/** What the new mix will be, each value against what the crop wants; where rounding changes it, both are told. */
export function Predictions({ page, asking }: { page: RecipePage; asking: Asking }) {
  const { format } = useSite()
  const words = reconditionWords.recipe
  const { recipe, ranges, crop } = page
  const { predicted, predictedRounded } = recipe
  const plain = (amount: Amount) => format.plain(amount)
  const percent = (share: number) => format.percent(share)
  const one = (value: number, unit: string): Amount => ({ number: format.number(value, 1), unit })
  const rounded = (before: Amount, after: Amount) =>
    before.number === after.number ? null : words.rounded(plain(after))

  return (
    <dl className={styles.predictions}>
      <Item
        asked="air"
        asking={asking}
        amount={percent(predicted.airFraction)}
        note={words.band(format.number(crop.airMin * 100), plain(percent(crop.airMax)))}
        likely={likelyText('air', ranges.airFraction, format)}
        rounded={rounded(percent(predicted.airFraction), percent(predictedRounded.airFraction))}
      >
        <AgainstWanted
          quantity="air"
          value={predicted.airFraction}
          wanted={crop}
          likely={ranges.airFraction}
        />
      </Item>
      <Item
        asked="ph"
        asking={asking}
        amount={one(predicted.ph, 'pH')}
        note={words.band(format.number(crop.pHLow, 1), format.number(crop.pHHigh, 1))}
        likely={likelyText('ph', ranges.ph, format)}
        rounded={rounded(one(predicted.ph, 'pH'), one(predictedRounded.ph, 'pH'))}
      >
        <AgainstWanted quantity="ph" value={predicted.ph} wanted={crop} likely={ranges.ph} />
      </Item>
      <Item
        asked="ec"
        asking={asking}
        amount={format.conductivity(predicted.ecSme)}
        note={words.atMost(format.number(crop.ecMaxSme, 1))}
        likely={likelyText('ec', ranges.ecSme, format)}
        rounded={rounded(
          format.conductivity(predicted.ecSme),
          format.conductivity(predictedRounded.ecSme),
        )}
      >
        <AgainstWanted quantity="ec" value={predicted.ecSme} wanted={crop} likely={ranges.ecSme} />
      </Item>
      <Item
        asked="nitrogen"
        asking={asking}
        amount={percent(predicted.nCoverage)}
        note={words.ofDemand(format.number(crop.nSeasonMgPerL))}
        likely={commonWords.likely(
          format.number(ranges.nCoverage.p10 * 100),
          plain(percent(ranges.nCoverage.p90)),
        )}
        after={
          recipe.feedPlan ? words.withFeed(plain(percent(recipe.feedPlan.coverageAfter))) : null
        }
        rounded={rounded(percent(predicted.nCoverage), percent(predictedRounded.nCoverage))}
      >
        <Band
          value={predicted.nCoverage}
          likely={ranges.nCoverage}
          low={0.9}
          high={null}
          from={0}
          to={1}
        />
      </Item>
      {ranges.days && page.answers.every !== null && (
        <Item
          asked="water"
          asking={asking}
          amount={one(ranges.days.p50, words.daysUnit)}
          note={words.yourHabit(
            format.number(page.answers.every, Number.isInteger(page.answers.every) ? 0 : 1),
          )}
          likely={commonWords.likely(format.days(ranges.days.p10), format.days(ranges.days.p90))}
          rounded={null}
        />
      )}
      <Item
        asked="weight"
        asking={asking}
        amount={one(predicted.kgPerLWet * recipe.settledLitres, 'kg')}
        note={`${format.number(predicted.kgPerLWet, 2)} ${mediaWords.page.perLitre}`}
        rounded={null}
      />
      <Item
        asked="cost"
        asking={asking}
        amount={{ number: format.money(recipe.cost), unit: '' }}
        exact
        note={
          page.freshPricePerLitre === null
            ? ''
            : words.costNew(format.money(page.freshPricePerLitre * recipe.settledLitres))
        }
        rounded={
          page.pricesMissing.length > 0 ? words.pricesMissing(page.pricesMissing.join(', ')) : null
        }
      />
    </dl>
  )
}

function Item({
  asked,
  asking,
  amount,
  note,
  likely = null,
  after = null,
  rounded,
  exact = false,
  children,
}: {
  asked: Asked
  asking: Asking
  amount: Amount
  note: string
  /** Where it lies four times in five. */
  likely?: string | null
  /** What it comes to with what follows. */
  after?: string | null
  rounded: string | null
  exact?: boolean
  children?: ReactNode
}) {
  const words = reconditionWords.recipe
  return (
    <div>
      <dt>{words.predictions[asked as keyof typeof words.predictions]}</dt>
      <dd>
        <WhyFigure
          name={words.names[asked]}
          amount={amount}
          {...(exact ? {} : { measuredOn: null })}
          large
          pressed={asking.asked === asked}
          onAsk={() => asking.ask(asked)}
        />
        {children}
        <span className={styles.small}>{note}</span>
        {likely && <span className={styles.small}>{likely}</span>}
        {after && <span className={styles.small}>{after}</span>}
        {rounded && <span className={styles.small}>{rounded}</span>}
      </dd>
    </div>
  )
}
