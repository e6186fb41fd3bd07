import type { RecipeDose, RecipePart } from '../../../core/recondition'
import type { Why } from '../../../core/why'
import type { RecipePage } from '../../../messages/recondition/turnover'
import { WhyFigure } from '../../../ui/Figure'
import { grainOf } from '../../../ui/pictures/grains'
import { useSite } from '../../../ui/SiteContext'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'
import { why as whyWords } from '../../../ui/texts/why'
import type { Asked, Asking } from './RecipeScreen'
import styles from './RecipeScreen.module.css'

const words = reconditionWords.recipe

/** What to measure out and what to weigh in: the whole batch, in the grower's measures, and for each load. */
export function AmountsTable({ page, asking }: { page: RecipePage; asking: Asking }) {
  const { recipe, names } = page
  const acidity = recipe.doses.find(({ role }) => role === 'lime' || role === 'sulfur')
  const mineral = recipe.doses.find(({ role }) => role === 'mineral')
  const fertilizer = recipe.doses.find(({ role }) => role === 'fertilizer')
  return (
    <table className={styles.amounts}>
      <thead>
        <tr>
          <th />
          <th>{words.measureOut}</th>
          <th>{words.all}</th>
          <th>{words.measures}</th>
        </tr>
      </thead>
      <tbody>
        {recipe.parts.map((part) => (
          <PartRow
            key={`${part.role}${part.id}`}
            part={part}
            name={names[part.id]?.name ?? part.id}
            group={names[part.id]?.stratum?.group}
            asking={asking}
          />
        ))}
        <DoseRow
          dose={acidity}
          name={acidity ? names[acidity.id]?.name : words.correction}
          why="dose.acidity"
          caution={acidity ? names[acidity.id]?.caution : null}
          reason={reasonOf(recipe.why['dose.acidity'])}
          asking={asking}
        />
        <DoseRow
          dose={fertilizer}
          name={fertilizer ? names[fertilizer.id]?.name : words.fertilizer}
          why="dose.fertilizer"
          caution={fertilizer ? names[fertilizer.id]?.caution : null}
          reason={reasonOf(recipe.why['dose.fertilizer'])}
          asking={asking}
        />
        {mineral && (
          <DoseRow
            dose={mineral}
            name={names[mineral.id]?.name}
            why="dose.mineral"
            caution={names[mineral.id]?.caution}
            reason=""
            asking={asking}
          />
        )}
      </tbody>
    </table>
  )
}

function PartRow({
  part,
  name,
  group,
  asking,
}: {
  part: RecipePart
  name: string
  group: Parameters<typeof grainOf>[0] | undefined
  asking: Asking
}) {
  const { format } = useSite()
  const key = `part.${part.role}` as Asked
  return (
    <tr>
      <td className={styles.swatch}>
        <Swatch grain={part.role === 'lot' || !group ? 'threads' : grainOf(group)} />
      </td>
      <td className={styles.thing}>
        {part.role === 'lot' ? words.oldMix : name}
        <span className={styles.small}>
          {part.role === 'lot' ? name : reconditionWords.roles[part.role]}
        </span>
      </td>
      <td>
        <WhyFigure
          name={words.names[key]}
          amount={format.litres(part.litres)}
          large
          pressed={asking.asked === key}
          onAsk={() => asking.ask(key)}
        />
      </td>
      <td className={styles.measure}>{part.rounded.text}</td>
    </tr>
  )
}

function DoseRow({
  dose,
  name,
  why,
  caution,
  reason,
  asking,
}: {
  dose: RecipeDose | undefined
  name: string | undefined
  why: 'dose.acidity' | 'dose.fertilizer' | 'dose.mineral'
  caution: string | null | undefined
  reason: string
  asking: Asking
}) {
  const { format } = useSite()
  if (!dose) {
    return (
      <tr className={styles.none}>
        <td />
        <td>{name}</td>
        <td>
          <WhyFigure
            name={words.names[why]}
            amount={{ number: words.none, unit: '' }}
            pressed={asking.asked === why}
            onAsk={() => asking.ask(why)}
          />
        </td>
        <td className={styles.measure}>{reason}</td>
      </tr>
    )
  }
  const inHalves = dose.firstGrams < dose.grams - 1e-9
  return (
    <tr>
      <td />
      <td className={styles.thing}>
        {name}
        <span className={styles.small}>{caution ?? reconditionWords.roles[dose.role]}</span>
      </td>
      <td>
        <WhyFigure
          name={words.names[why]}
          amount={format.grams(dose.rounded.grams)}
          large
          pressed={asking.asked === why}
          onAsk={() => asking.ask(why)}
        />
      </td>
      <td className={styles.measure}>
        {words.onScale}
        {inHalves && `; ${words.half}`}
        {dose.apart && `; ${words.apart}`}
      </td>
    </tr>
  )
}

function Swatch({ grain }: { grain: ReturnType<typeof grainOf> }) {
  return (
    <svg width={24} height={24} viewBox="0 0 24 24" aria-hidden="true">
      <rect x={0.5} y={0.5} width={23} height={23} rx={2} fill={`url(#grain-${grain})`} />
    </svg>
  )
}

function reasonOf(why: Why | undefined): string {
  return why ? whyWords.rule(why.rule) : ''
}
