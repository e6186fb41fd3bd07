import type { WhyInput } from '../../../core/why'
import type { RecipePage } from '../../../messages/recondition/turnover'
import { PotSection } from '../../../ui/pictures/PotSection'
import { useSite } from '../../../ui/SiteContext'
import { common as commonWords } from '../../../ui/texts/common'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'
import { WhyText } from '../../../ui/WhyText'
import { AirChart } from './AirChart'
import type { Asking } from './RecipeScreen'
import styles from './RecipeScreen.module.css'

const words = reconditionWords.recipe

/** The pot before and after, and the arithmetic of the number that was asked. */
export function WhyPanel({ page, asking }: { page: RecipePage; asking: Asking }) {
  return (
    <aside className={styles.panel}>
      <div className={styles.pots}>
        <figure>
          <figcaption>{words.now}</figcaption>
          {page.before ? (
            <PotSection pot={page.before} />
          ) : (
            <p className={styles.none}>{words.noNow}</p>
          )}
        </figure>
        <figure>
          <figcaption>{words.after}</figcaption>
          <PotSection pot={page.after} planted />
        </figure>
      </div>
      <Answer page={page} asking={asking} />
    </aside>
  )
}

function Answer({ page, asking: { asked, ask } }: { page: RecipePage; asking: Asking }) {
  if (!asked) return <p className={`${styles.ask} ${styles.none}`}>{commonWords.askWhy}</p>
  const why = page.recipe.why[asked === 'nitrogen' ? 'dose.fertilizer' : asked]
  if (!why) return null
  const aggregate = asked === 'part.aggregate'
  return (
    <WhyText
      title={words.whyTitle(words.names[asked])}
      why={why}
      onClose={() => ask(null)}
      inputName={(input) => inputName(input, page)}
      picture={aggregate && <AirChart page={page} />}
    >
      {aggregate && <Options page={page} />}
    </WhyText>
  )
}

function inputName({ name }: WhyInput, page: RecipePage): string | null {
  if (name !== 'lotPh') return null
  return page.lotPhMeasuredOn ? words.lotPhMeasured : words.lotPhPredicted
}

/** What the other materials in the store would do. */
function Options({ page }: { page: RecipePage }) {
  const { format } = useSite()
  const chosen = page.recipe.parts.find(({ role }) => role === 'aggregate')?.id
  const others = page.recipe.aggregateOptions.filter(
    ({ id, share }) => id !== chosen && (share === null || share > 0.005),
  )
  if (others.length === 0) return null
  const percent = (share: number) => format.plain(format.percent(share))
  return (
    <>
      <h3>{words.optionsTitle}</h3>
      <ul className={styles.options}>
        {others.map(({ id, airPerTenth, share, bestAir }) => (
          <li key={id}>
            {page.names[id]?.name ?? id}: {words.option(format.number(airPerTenth * 100, 1))};{' '}
            {share === null
              ? words.optionNot(percent(bestAir))
              : words.optionShare(percent(share), percent(bestAir))}
          </li>
        ))}
      </ul>
    </>
  )
}
