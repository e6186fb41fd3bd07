import type { RecipeDose, RecipePart } from '../../core/recondition'
import type { Why } from '../../core/why'
import type { RecipePage } from '../../messages/recondition/turnover'
import { WhyFigure } from '../../ui/Figure'
import { grainOf } from '../../ui/pictures/grains'
import { useSite } from '../../ui/SiteContext'
import { recondition as reconditionWords } from '../../ui/texts/recondition'
import { why as whyWords } from '../../ui/texts/why'
import type { Asked, Asking } from './RecipeScreen'
import styles from './RecipeScreen.module.css'

const words = reconditionWords.recipe

/** What to measure out and what to weigh in: the whole batch, in the grower's measures, and for each load. */
export function AmountsTable({ page, asking }: { page: RecipePage; asking: Asking }) {
  const { format } = useSite()
  const { recipe, loads, names } = page
  const first = loads[0]
  const loaded = loads.length > 1 && first
  const acidity = recipe.doses.find(({ role }) => role !== 'fertilizer')
  const fertilizer = recipe.doses.find(({ role }) => role === 'fertilizer')
  return (
    <table className={styles.amounts}>
      <thead>
        <tr>
          <th />
          <th>{words.measureOut}</th>
          <th>{words.all}</th>
          <th>{words.measures}</th>
          {loaded && <th>{words.eachLoad(format.plain(format.litres(first.litres)))}</th>}
        </tr>
      </thead>
      <tbody>
        {recipe.parts.map((part) => (
          <PartRow
            key={`${part.role}${part.id}`}
            part={part}
            name={names[part.id]?.name ?? part.id}
            group={names[part.id]?.stratum?.group}
            load={
              loaded
                ? eachLoad(loads.map((load) => load.parts.find(({ id }) => id === part.id)?.text))
                : undefined
            }
            loadLabel={loaded ? words.eachLoad(format.plain(format.litres(first.litres))) : ''}
            asking={asking}
          />
        ))}
        <DoseRow
          dose={acidity}
          name={acidity ? names[acidity.id]?.name : words.correction}
          why="dose.acidity"
          load={
            loaded
              ? eachLoad(loads.map((load) => load.doses.find(({ id }) => id === acidity?.id)?.text))
              : undefined
          }
          caution={acidity ? names[acidity.id]?.caution : null}
          reason={reasonOf(recipe.why['dose.acidity'])}
          asking={asking}
        />
        <DoseRow
          dose={fertilizer}
          name={fertilizer ? names[fertilizer.id]?.name : words.fertilizer}
          why="dose.fertilizer"
          load={
            loaded
              ? eachLoad(
                  loads.map((load) => load.doses.find(({ id }) => id === fertilizer?.id)?.text),
                )
              : undefined
          }
          caution={fertilizer ? names[fertilizer.id]?.caution : null}
          reason={reasonOf(recipe.why['dose.fertilizer'])}
          asking={asking}
        />
      </tbody>
    </table>
  )
}

/** What goes into each load: once where all get the same, else how many get what. */
function eachLoad(texts: readonly (string | undefined)[]): string | undefined {
  const counts = new Map<string, number>()
  for (const text of texts) if (text) counts.set(text, (counts.get(text) ?? 0) + 1)
  const kinds = [...counts]
  if (kinds.length <= 1) return kinds[0]?.[0]
  return kinds.map(([text, count]) => words.loadsOf(count, text)).join(', ')
}

function PartRow({
  part,
  name,
  group,
  load,
  loadLabel,
  asking,
}: {
  part: RecipePart
  name: string
  group: Parameters<typeof grainOf>[0] | undefined
  load: string | undefined
  loadLabel: string
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
      {load !== undefined && (
        <td className={styles.load} data-label={loadLabel}>
          {load}
        </td>
      )}
    </tr>
  )
}

function DoseRow({
  dose,
  name,
  why,
  load,
  caution,
  reason,
  asking,
}: {
  dose: RecipeDose | undefined
  name: string | undefined
  why: 'dose.acidity' | 'dose.fertilizer'
  load: string | undefined
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
        <td className={styles.measure} colSpan={2}>
          {reason}
        </td>
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
      {load !== undefined && <td className={styles.load}>{load}</td>}
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
