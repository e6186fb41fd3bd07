import type { RecipeCheck, SolubleFeed } from '../../core/recondition'
import type { RecipePage } from '../../messages/recondition/turnover'
import type { Format } from '../../ui/format'
import { Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { recondition as reconditionWords } from '../../ui/texts/recondition/recondition'
import { TriageNotice } from '../found/TriageNotice'
import styles from './recipe/RecipeScreen.module.css'
import { spareText } from './recipe/spareText'

const words = reconditionWords.recipe
/** Less than a point of air for a tenth of the material: it fills gaps. */
const FILLS_GAPS = 0.01

/** What was checked, passed or not, in a line. */
export function Checks({ page }: { page: RecipePage }) {
  return (
    <ul className={styles.checks} aria-label={words.checksTitle}>
      {page.recipe.checks
        .filter(({ id, high }) => id !== 'weight' || high !== null)
        .map(({ id, ok }) => (
          <li key={id} className={ok ? styles.ok : styles.miss}>
            <span aria-hidden="true">{ok ? '●' : '◆'}</span> {words.checks[id]}
            <span className="visually-hidden">{ok ? words.passed : words.missed}</span>
          </li>
        ))}
    </ul>
  )
}

/** What a recipe does not reach, and what would help. */
export function Findings({ page }: { page: RecipePage }) {
  const { format } = useSite()
  const { recipe } = page
  const litres = (value: number) => format.plain(format.litres(value))
  const failed = recipe.checks
    .filter(({ ok }) => !ok)
    .map((check) => failedText(check, format, page))
  const help = airHelp(page, format)
  return (
    <>
      {page.triage && <TriageNotice triage={page.triage} />}
      {failed.length > 0 && (
        <Notice tone="act">
          {failed.map((line) => (
            <p key={line}>{line}</p>
          ))}
          {help.length > 0 && (
            <>
              <strong>{words.helps}:</strong> {help.join(' ')}
            </>
          )}
        </Notice>
      )}
      {recipe.leachLitres > 0 && (
        <Notice tone="act">{words.leach(litres(recipe.leachLitres))}</Notice>
      )}
      <Sureness page={page} />
      {recipe.feedPlan && <FeedPlan plan={recipe.feedPlan} page={page} />}
      {recipe.leftoverLitres >= 0.5 && (
        <Notice>
          {words.leftover(litres(recipe.leftoverLitres))}{' '}
          {page.spare && spareText(page.spare, format)}
        </Notice>
      )}
      {page.tippedFor && <Notice>{words.tippedFor[page.tippedFor]}</Notice>}
      {page.passedOver && (
        <Notice tone="act">
          {words.passedOver(
            format.day(page.passedOver.safeOn),
            reconditionWords.risks[page.passedOver.waitFor],
          )}
        </Notice>
      )}
    </>
  )
}

/** Soluble feed for what the mix does not give. */
function FeedPlan({ plan, page }: { plan: SolubleFeed; page: RecipePage }) {
  const { format } = useSite()
  const product = page.names[plan.productId]?.name ?? plan.productId
  return (
    <Notice>
      {words.feedPlan(
        plan.startWeek ?? 0,
        plan.endWeek ?? 0,
        words.howOften(plan.feedsPerWeek ?? 1),
        format.plain(format.grams(plan.gPerCan)),
        product,
        format.plain(format.litres(plan.litresPerFeed)),
      )}{' '}
      {plan.reached
        ? words.feedReaches(format.plain(format.percent(plan.coverageAfter)))
        : words.feedFallsShort(format.plain(format.percent(plan.coverageAfter)))}
    </Notice>
  )
}

/** How likely the recipe does what it says, and which test or addition would make it surer. */
function Sureness({ page }: { page: RecipePage }) {
  const { format } = useSite()
  const { recipe, ranges, names } = page
  const aggregate = recipe.parts.find(({ role }) => role === 'aggregate')
  const lines: string[] = []
  if (!ranges.isSureOfAir) {
    lines.push(words.chance(format.number(ranges.chanceOfAir * 10)))
    if (ranges.moreAggregate !== null && aggregate) {
      const name = names[aggregate.id]?.name ?? aggregate.id
      lines.push(words.chanceMore(format.number(ranges.moreAggregate * 100), name))
    }
  }
  if (recipe.testFirst) {
    const { id, grams, phWidth } = recipe.testFirst
    const name = names[id]?.name ?? id
    lines.push(words.testFirst(format.plain(format.grams(grams)), name, format.number(phWidth, 1)))
  }
  for (const { kind, widthNow, widthThen } of ranges.worthTesting) {
    const scale = kind === 'porosity' ? 100 : 1
    const digits = kind === 'porosity' ? 0 : 1
    lines.push(
      words.worth[kind](
        kind === 'ec'
          ? format.plain(format.conductivity(widthNow))
          : format.number(scale * widthNow, digits),
        format.number(scale * widthThen, digits),
      ),
    )
  }
  if (lines.length === 0) return null
  return (
    <Notice>
      <strong>{words.sureTitle}:</strong> {lines.join(' ')}
    </Notice>
  )
}

function failedText(
  { id, value, low, high }: RecipeCheck,
  format: Format,
  page: RecipePage,
): string {
  const percent = (share: number | null) => format.plain(format.percent(share ?? 0))
  const one = (number: number | null) => format.number(number ?? 0, 1)
  const litres = (amount: number | null) => format.plain(format.litres(amount ?? 0))
  switch (id) {
    case 'litres':
      return words.failed.litres(litres(value), litres(low))
    case 'air':
      return low !== null && value < low
        ? words.failed.air(percent(value), percent(low))
        : words.failed.airHigh(percent(value), percent(high))
    case 'ph':
      return words.failed.ph(one(value), one(low), one(high))
    case 'ec':
      return words.failed.ec(format.plain(format.conductivity(value)), one(high))
    case 'nitrogen': {
      const { firstShortWeek } = page.recipe.predicted
      const week = firstShortWeek === null ? '' : ` ${words.firstShort(firstShortWeek)}`
      return `${words.failed.nitrogen(percent(value))}${week}`
    }
    case 'weight':
      return words.failed.weight(format.number(value, 2), format.number(high ?? 0, 2))
    case 'label':
      return words.failed.label()
    case 'water':
      return words.failed.water(
        one(value),
        format.number(page.answers.every ?? 0, Number.isInteger(page.answers.every) ? 0 : 1),
      )
    case 'stock':
      return words.failed.stock(litres(value))
  }
}

/** Where the air is out of reach: other materials, a taller pot. */
function airHelp({ recipe, names, crop }: RecipePage, format: Format): string[] {
  const air = recipe.checks.find(({ id }) => id === 'air')
  if (!air || air.ok || (air.low !== null && air.value >= air.low)) return []
  const chosen = recipe.parts.find(({ role }) => role === 'aggregate')?.id
  const reaching = recipe.aggregateOptions.filter(
    ({ id, bestAir }) => id !== chosen && bestAir >= crop.airMin,
  )
  const lines = reaching
    .slice(0, 2)
    .map(({ id, bestAir }) =>
      words.helpOther(names[id]?.name ?? id, format.plain(format.percent(bestAir))),
    )
  // A way that adds nothing coarse compared none.
  const compared = recipe.aggregateOptions.length > 0
  if (reaching.length === 0) lines.push(compared ? words.helpNoOther : words.helpFull)
  if (recipe.tallerByCm !== null) {
    lines.push(words.helpTaller(format.plain(format.cm(recipe.tallerByCm))))
  }
  const weak = recipe.aggregateOptions.find(({ id }) => id === chosen)
  if (weak && weak.airPerTenth < FILLS_GAPS) lines.push(words.fillsGaps(names[weak.id]?.name ?? ''))
  return lines
}
