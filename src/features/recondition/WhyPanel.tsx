import { useEffect, useRef } from 'react'
import type { Why, WhyInput } from '../../core/recondition'
import type { RecipePage } from '../../messages/recondition/turnover'
import { Button } from '../../ui/Button'
import type { Format } from '../../ui/format'
import { PotSection } from '../../ui/pictures/PotSection'
import { useSite } from '../../ui/SiteContext'
import { texts } from '../../ui/texts'
import { AirChart } from './AirChart'
import type { Asking } from './RecipeScreen'
import styles from './RecipeScreen.module.css'

const words = texts.recondition.recipe

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
      <WhyText page={page} asking={asking} />
    </aside>
  )
}

function WhyText({ page, asking }: { page: RecipePage; asking: Asking }) {
  const { format } = useSite()
  const { asked, ask } = asking
  const box = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (asked && window.matchMedia('(max-width: 860px)').matches) box.current?.focus()
  }, [asked])
  if (!asked) return <p className={`${styles.why} ${styles.none}`}>{texts.why.ask}</p>
  const key = asked === 'nitrogen' ? 'dose.fertilizer' : asked
  const why = page.recipe.why[key]
  if (!why) return null
  return (
    <div className={`${styles.why} ${styles.asked}`} ref={box} tabIndex={-1} aria-live="polite">
      <h2>
        <span>{words.whyTitle(words.names[asked])}</span>
        <span className={styles.close}>
          <Button weight="quiet" onClick={() => ask(null)}>
            {texts.common.close}
          </Button>
        </span>
      </h2>
      <p>{texts.why.rule(why.rule)}</p>
      {asked === 'part.aggregate' && <AirChart page={page} />}
      <table className={styles.inputs}>
        <caption className="visually-hidden">{texts.why.inputs}</caption>
        <tbody>
          {why.inputs
            .filter(({ value }) => value !== null)
            .map((input) => (
              <tr key={input.name}>
                <td>{inputName(input, page)}</td>
                <td>{inputValue(input, format)}</td>
              </tr>
            ))}
        </tbody>
      </table>
      <p className={styles.source}>
        {rangeText(why, format)} {texts.why.sources}: {texts.why.sourceOf(why.source)}.
      </p>
      {asked === 'part.aggregate' && <Options page={page} />}
    </div>
  )
}

function inputName({ name }: WhyInput, page: RecipePage): string {
  if (name !== 'lotPh') return texts.why.input(name)
  return page.lotPhMeasuredOn ? texts.why.lotPhMeasured : texts.why.lotPhPredicted
}

function inputValue({ value, unit }: WhyInput, format: Format): string {
  if (typeof value !== 'number') return String(value)
  switch (unit) {
    case 'share':
      return `${format.number(value * 100, 1)} %`
    case 'L':
      return format.plain(format.litres(value))
    case 'cm':
      return format.plain(format.cm(value))
    case 'pH':
      return format.number(value, 2)
    case 'dS/m':
      return `${format.number(value, 2)} dS/m`
    case 'g/L/pH':
      return `${format.number(value, 2)} g/L`
    case 'kg/L':
      return `${format.number(value, 2)} kg/L`
    case 'per L':
      return format.money(value)
    case 'weeks':
    case 'text':
      return format.number(value)
    case 'g':
    case 'g/L':
      return `${format.number(value, 2)} ${unit}`
  }
}

function rangeText({ range }: Why, format: Format): string {
  if (!range) return ''
  const [low, high] = range.map((share) => format.plain(format.percent(Math.max(0, share))))
  return texts.why.range(low ?? '', high ?? '')
}

/** What the other materials in the store would do. */
function Options({ page }: { page: RecipePage }) {
  const { format } = useSite()
  const chosen = page.recipe.parts.find(({ role }) => role === 'aggregate')?.id
  const others = page.recipe.aggregateOptions.filter(({ id }) => id !== chosen)
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
