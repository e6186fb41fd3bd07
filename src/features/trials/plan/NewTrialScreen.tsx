import { TRIAL_KINDS, type TrialKind } from '../../../core/trials'
import type { SiteView } from '../../../messages/site/site'
import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { Button } from '../../../ui/Button'
import { Choice, TextField } from '../../../ui/Field'
import { ProblemNotice } from '../../../ui/Notice'
import { PageHead } from '../../../ui/PageHead'
import { unpacked } from '../../../ui/packed'
import { SiteProvider } from '../../../ui/SiteContext'
import { newTrial as words } from '../../../ui/texts/trials/newTrial'
import { trialWords } from '../../../ui/texts/trials/trialWords'
import { useReady } from '../../../ui/useReady'
import { ControlPart } from './ControlPart'
import { DesignPanel } from './DesignPanel'
import { designQuestion, remarksOf } from './designOfForm'
import { LooksPart } from './LooksPart'
import styles from './NewTrial.module.css'
import { PotsPart } from './PotsPart'
import { gardenSpreads } from './plansQuestion'
import { RerunNotice } from './RerunNotice'
import { TreatmentsPart } from './TreatmentsPart'
import { beginAs, decidingOf } from './trialValues'
import { useNewTrial } from './useNewTrial'

/** A trial from its question to its plan, with what it could find beside it. */
function NewTrialScreen({ page, site }: { page: NewTrialPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <NewTrial page={page} />
    </SiteProvider>
  )
}

export default unpacked(NewTrialScreen)

function NewTrial({ page }: { page: NewTrialPage }) {
  const form = useNewTrial(page)
  const ready = useReady()
  const { values, change, field, errorOf } = form
  const { kind } = values
  return (
    <>
      <PageHead
        title={page.change ? words.changeTitle(page.change.name) : words.title}
        lead={words.lead}
      />
      <RerunNotice page={page} />
      <form
        data-paper
        className={styles.frame}
        noValidate
        // A slip of Enter in a field plans nothing: most of it stands below.
        onKeyDown={(event) => {
          if (event.key === 'Enter' && event.target instanceof HTMLInputElement)
            event.preventDefault()
        }}
        onSubmit={(event) => {
          event.preventDefault()
          void form.save()
        }}
      >
        <fieldset disabled={!ready} className={`plain ${styles.form}`}>
          <section aria-labelledby="ask" className={styles.part}>
            <h2 id="ask">{words.question.head}</h2>
            <Choice
              label={words.question.kind}
              name="kind"
              error={errorOf('kind')}
              options={TRIAL_KINDS.map((value) => ({
                value,
                label: trialWords.kinds[value].question,
                note: trialWords.kinds[value].note,
              }))}
              isChosen={(value) => value === kind}
              onChange={(event) => change(beginAs(event.target.value as TrialKind))}
            />
            <p className={styles.quiet}>
              {words.question.dose} <a href="/bench">{words.question.toBench}</a>
            </p>
            {kind && (
              <div className={styles.fields}>
                <TextField
                  label={words.question.own}
                  hint={words.question.ownHint}
                  {...field('question')}
                />
                <TextField label={words.question.name} {...field('name')} />
              </div>
            )}
          </section>
          {kind && (
            <>
              <ControlPart page={page} form={form} />
              <TreatmentsPart page={page} form={form} />
              <PotsPart page={page} form={form} />
              <LooksPart page={page} form={form} />
            </>
          )}
        </fieldset>
        {kind && (
          <>
            <DesignPanel
              question={designQuestion(values, page.varied, decidingOf(values, page.crops).measure)}
              spreads={gardenSpreads(page.varied, values.cropId)}
              remarks={remarksOf(values, page, words.control.usualName)}
              lessons={page.lessons}
            />
            <div className={styles.end}>
              <div className={styles.go}>
                <Button type="submit" weight="main" data-needs="manage" disabled={!ready}>
                  {page.change ? words.goChange : words.go}
                </Button>
                <span className={styles.quiet}>{words.goNote}</span>
              </div>
              <ProblemNotice problem={form.problem} />
            </div>
          </>
        )}
      </form>
    </>
  )
}
