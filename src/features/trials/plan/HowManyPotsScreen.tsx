import type { SiteView } from '../../../messages/site/site'
import type { VariedView } from '../../../messages/trials/trialViews'
import { Button, LinkButton } from '../../../ui/Button'
import { Choice, TextField } from '../../../ui/Field'
import { useKept } from '../../../ui/form/useKept'
import { PageHead } from '../../../ui/PageHead'
import { SiteProvider } from '../../../ui/SiteContext'
import { howManyPots as words } from '../../../ui/texts/trials/howManyPots'
import { trialWords } from '../../../ui/texts/trials/trialWords'
import { DesignPanel } from './DesignPanel'
import styles from './HowManyPots.module.css'
import { type HowMany, howManyQuestion, wrongOf } from './howMany'
import { PotsNeeded } from './PotsNeeded'
import { gardenSpreads } from './plansQuestion'

/** How many pots it takes to see a difference, before there is any trial. */
export default function HowManyPotsScreen({
  varied,
  site,
}: {
  varied: readonly VariedView[]
  site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <HowManyPots varied={varied} />
    </SiteProvider>
  )
}

/** The newest ones. */
const MOST_VARIED = 5

const BEGIN: HowMany = {
  what: 'means',
  treatments: '2',
  pots: '6',
  cv: '20',
  differencePercent: '20',
  seeds: '10',
  expected: '80',
  crops: '5',
}

function HowManyPots({ varied }: { readonly varied: readonly VariedView[] }) {
  const { values, change } = useKept<HowMany>('how-many-pots', BEGIN)
  const wrong = wrongOf(values)
  const question = howManyQuestion(values)
  const field = (name: keyof HowMany, label: string, hint?: string) => (
    <TextField
      label={label}
      hint={hint}
      inputMode="decimal"
      value={values[name]}
      error={wrong[name]}
      onChange={(event) => change({ [name]: event.target.value })}
    />
  )
  return (
    <>
      <PageHead
        title={words.title}
        lead={words.lead}
        actions={
          <LinkButton href="/trials/new" data-needs="manage">
            {words.plan}
          </LinkButton>
        }
      />
      <div className={styles.frame}>
        <form
          data-paper
          className={styles.form}
          noValidate
          onSubmit={(event) => event.preventDefault()}
        >
          <Choice
            label={words.what}
            name="what"
            options={(['means', 'counts', 'signs'] as const).map((value) => ({
              value,
              label: words.whats[value].name,
              note: words.whats[value].note,
            }))}
            isChosen={(value) => value === values.what}
            onChange={(event) => change({ what: event.target.value as HowMany['what'] })}
          />
          <div className={styles.fields}>
            {field('treatments', words.treatments, words.treatmentsHint)}
            {values.what === 'means' && (
              <>
                {field('differencePercent', words.difference, words.differenceHint)}
                {field('cv', words.cv, words.cvHint)}
                {field('pots', words.pots, words.potsHint)}
              </>
            )}
            {values.what === 'counts' && (
              <>
                {field('pots', words.trays, words.traysHint)}
                {field('seeds', words.seeds)}
                {field('expected', words.expected)}
              </>
            )}
            {values.what === 'signs' && field('crops', words.crops)}
          </div>
          {values.what === 'means' && varied.length > 0 && (
            <div>
              <p>{words.varied}</p>
              <ul className={styles.varied}>
                {varied.slice(0, MOST_VARIED).map(({ trialId, name, measure, cv }) => (
                  <li key={`${trialId} ${measure}`}>
                    <Button onClick={() => change({ cv: String(Math.max(1, Math.round(cv))) })}>
                      {words.useCv(String(Math.max(1, Math.round(cv))))}
                    </Button>{' '}
                    {words.variedBy(name, trialWords.measures[measure].toLowerCase())}
                  </li>
                ))}
              </ul>
            </div>
          )}
          {values.what === 'means' && <PotsNeeded values={values} />}
        </form>
        <DesignPanel question={question} spreads={gardenSpreads(varied, '')} />
      </div>
    </>
  )
}
