import { useState } from 'react'
import type { RecipePage } from '../../../messages/recondition/turnover'
import type { SiteView } from '../../../messages/site/site'
import { Button, LinkButton } from '../../../ui/Button'
import { Caution, Notice, ProblemNotice } from '../../../ui/Notice'
import { PageHead } from '../../../ui/PageHead'
import { SiteProvider, useSite } from '../../../ui/SiteContext'
import { loggedTrouble } from '../../../ui/texts/media/loggedTrouble'
import { ladder } from '../../../ui/texts/recondition/ladder'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'
import { useSend } from '../../../ui/useSend'
import { Checks, Findings } from '../Findings'
import { intakeAddress, waysAddress } from '../intake/answers'
import { TurnoverSteps } from '../intake/TurnoverSteps'
import { AmountsTable } from './AmountsTable'
import { LoadsTable } from './LoadsTable'
import { Predictions } from './Predictions'
import styles from './RecipeScreen.module.css'
import { WhyPanel } from './WhyPanel'

const words = reconditionWords.recipe

/** The key of the number that is being asked why. */
export type Asked = keyof typeof reconditionWords.recipe.names

export interface Asking {
  readonly asked: Asked | null
  readonly ask: (key: Asked | null) => void
}

export default function RecipeScreen({ page, site }: { page: RecipePage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <RecipeOfLot page={page} />
    </SiteProvider>
  )
}

function RecipeOfLot({ page }: { page: RecipePage }) {
  const { format } = useSite()
  const { recipe, lot } = page
  const [asked, setAsked] = useState<Asked | null>(null)
  const { problem, deliver } = useSend()
  const asking: Asking = { asked, ask: (key) => setAsked(key === asked ? null : key) }
  const litres = (value: number) => format.plain(format.litres(value))

  const make = async () => {
    const answer = await deliver('POST /api/recondition/work-orders', { body: page.answers })
    if (!answer) return
    localStorage.removeItem(`draft/turnover/${lot.id}`)
    window.location.assign(`/turnover/orders/${answer.data.id}`)
  }

  return (
    <>
      <PageHead
        title={words.title(lot.name)}
        beside={words.next(ordinal(lot.innings.length + 1), page.crop.name)}
        lead={
          <>
            {page.answers.way && page.answers.way !== 'full'
              ? `${words.wayIs(ladder.names[page.answers.way])} `
              : ''}
            {words.summary(
              litres(recipe.settledLitres),
              litres(recipe.partLitres),
              page.loads.length,
            )}
            {' · '}
            {words.time(format.minutes(page.minutes), format.day(page.readyOn))}
          </>
        }
      />
      <div className={styles.way}>
        <TurnoverSteps
          now={2}
          addresses={[intakeAddress(page.answers), waysAddress(page.answers)]}
        />
      </div>
      {page.trouble && (
        <Notice tone="act">
          {loggedTrouble.recipe(page.trouble, format.plain(format.percent(page.crop.airMin)))}
        </Notice>
      )}
      <div className={styles.grid}>
        <div className={styles.panel}>
          <AmountsTable page={page} asking={asking} />
          <LoadsTable loads={page.loads} rows={loadRows(page)} />
          <Predictions page={page} asking={asking} />
          <Checks page={page} />
        </div>
        <WhyPanel page={page} asking={asking} />
      </div>
      <div className={styles.findings}>
        <Findings page={page} />
        <Caution
          lead={words.before}
          lines={page.cautions.map((id) => reconditionWords.cautions[id])}
        />
        <ProblemNotice problem={problem} />
        {page.openOrderId !== null && (
          <Notice tone="act">
            {words.opened}{' '}
            <a href={`/turnover/orders/${page.openOrderId}`}>{reconditionWords.intake.toOrder}</a>
          </Notice>
        )}
      </div>
      <div className={styles.foot}>
        <div className={styles.actions}>
          <LinkButton href={intakeAddress(page.answers)}>{words.change}</LinkButton>
          <LinkButton href={waysAddress(page.answers)}>{words.otherWays}</LinkButton>
          {page.openOrderId === null && (
            <Button weight="main" data-needs="manage" onClick={make}>
              {words.make}
            </Button>
          )}
        </div>
      </div>
    </>
  )
}

function loadRows({ recipe, names }: RecipePage) {
  return [...recipe.parts, ...recipe.doses.filter(({ apart }) => !apart)].map(({ id, role }) => ({
    id,
    name: role === 'lot' ? words.oldMix : (names[id]?.name ?? id),
  }))
}

function ordinal(number: number): string {
  return reconditionWords.ordinals[number - 1] ?? reconditionWords.nth(number)
}
