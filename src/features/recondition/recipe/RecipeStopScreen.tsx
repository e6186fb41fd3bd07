import type { RecipeStop } from '../../../messages/recondition/turnover'
import type { SiteView } from '../../../messages/site/site'
import { LinkButton } from '../../../ui/Button'
import { Notice } from '../../../ui/Notice'
import { PageHead } from '../../../ui/PageHead'
import { SiteProvider, useSite } from '../../../ui/SiteContext'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'
import { barText } from '../../found/barText'
import { FoundList } from '../../found/FoundList'
import { TriageNotice } from '../../found/TriageNotice'
import { intakeAddress, recipeAddress, waysAddress } from '../intake/answers'
import { TurnoverSteps } from '../intake/TurnoverSteps'
import styles from './RecipeScreen.module.css'

const words = reconditionWords.stop

/** No recipe for this crop in this lot: why, and the ways out. */
export default function RecipeStopScreen({ page, site }: { page: RecipeStop; site: SiteView }) {
  const { lot, crop, answers, bars, triage } = page
  return (
    <SiteProvider site={site}>
      <PageHead title={words.title(lot.name)} beside={words.beside(crop.name)} />
      <div className={styles.way}>
        <TurnoverSteps now={2} addresses={[intakeAddress(answers), waysAddress(answers)]} />
      </div>
      <div className={styles.stop}>
        <Notice tone="stop">
          <Bars bars={bars} crop={crop.name} />
        </Notice>
        <h2>{words.found}</h2>
        <FoundList found={page.found.filter(({ state }) => state === 'trouble')} />
        {triage && <TriageNotice triage={triage} />}
        <h2>{words.ways}</h2>
        <ul>
          {waysOut(page).map((way) => (
            <li key={way}>{way}</li>
          ))}
        </ul>
        {page.otherCrops.length > 0 && (
          <>
            <p>{words.others}</p>
            <p className={styles.others}>
              {page.otherCrops.map((other) => (
                <LinkButton key={other.id} href={recipeAddress({ ...answers, crop: other.id })}>
                  {other.name}
                </LinkButton>
              ))}
            </p>
          </>
        )}
        <p className={styles.others}>
          <LinkButton weight="main" href={intakeAddress(answers)}>
            {words.change}
          </LinkButton>
          <LinkButton href={`/bench/samples/lot/${lot.id}`}>{words.test}</LinkButton>
          <LinkButton href={`/lots/${lot.id}`}>{words.toLot}</LinkButton>
        </p>
      </div>
    </SiteProvider>
  )
}

function Bars({ bars, crop }: { readonly bars: RecipeStop['bars']; readonly crop: string }) {
  const { format } = useSite()
  return bars.map((bar) => <p key={bar.kind}>{barText(bar, crop, format)}</p>)
}

/** Only what fits what was found. */
function waysOut({ bars, triage, otherCrops }: RecipeStop): string[] {
  const can = (action: 'heat' | 'rest' | 'leach' | 'seedling-test' | 'aerate') =>
    triage?.actions.includes(action) ?? false
  const isGivenUp = bars.some(({ kind }) => kind === 'given-up')
  return [
    ...(can('heat') ? [words.heat] : []),
    ...(can('rest') ? [words.rest] : []),
    ...(can('aerate') ? [words.aerate] : []),
    ...(can('leach') ? [words.leach] : []),
    ...(can('seedling-test') ? [words.seedlingTest] : []),
    ...(bars.some(({ kind }) => kind === 'family') ? [words.otherFamily] : []),
    ...(bars.some(({ kind }) => kind === 'food') && otherCrops.length > 0 ? [words.flowers] : []),
    isGivenUp ? words.fresh : words.freshInstead,
  ]
}
