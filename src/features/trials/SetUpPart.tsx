import type { TrialPage } from '../../messages/trials/trialViews'
import { Button, LinkButton } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { Caution, ProblemNotice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { cautions } from '../../ui/texts/cautions'
import { trials as trialTexts } from '../../ui/texts/trials/trials'
import { trialWords } from '../../ui/texts/trials/trialWords'
import { useSend } from '../../ui/useSend'
import { RunningPart } from './RunningPart'
import styles from './Trial.module.css'

const words = trialTexts

/** What comes next: its pots, then filling and planting them. */
export function SetUpPart({
  page,
  onChange,
}: {
  readonly page: TrialPage
  readonly onChange: (page: TrialPage) => void
}) {
  if (page.plantedOn !== null) return <RunningPart page={page} onChange={onChange} />
  return (
    <>
      <PotsStep page={page} onChange={onChange} />
      <PlantStep page={page} />
    </>
  )
}

function PotsStep({
  page,
  onChange,
}: {
  readonly page: TrialPage
  readonly onChange: (page: TrialPage) => void
}) {
  const { problem, isSending, deliver } = useSend()
  const ids = page.potList.flatMap(({ containerId }) => containerId ?? [])
  const missing = page.potList.length - ids.length
  const add = async () => {
    if (isSending) return
    const answer = await deliver('POST /api/trials/[id]/pots', {
      params: { id: page.id },
      body: {
        version: page.version,
      },
    })
    if (answer) onChange(answer.data)
  }
  return (
    <section aria-labelledby="pots" className={styles.part}>
      <h2 id="pots">{words.steps.pots}</h2>
      {missing > 0 ? (
        <>
          <p>{words.addPotsWhy(page.place)}</p>
          <div>
            <Button weight="main" data-needs="manage" onClick={() => void add()}>
              {words.addPots(missing)}
            </Button>
          </div>
        </>
      ) : (
        <p>
          {words.potsThere}{' '}
          <LinkButton href={`/labels?pots=${ids.join()}`}>{words.printLabels}</LinkButton>
        </p>
      )}
      <ProblemNotice problem={problem} />
    </section>
  )
}

function PlantStep({ page }: { readonly page: TrialPage }) {
  const { site } = useSite()
  const { values, field, submit, problem } = useForm('POST /api/trials/[id]/plant', {
    draft: `trial-plant/${page.id}`,
    begin: { on: site.today, despite: '' },
    asked: (typed) => ({ params: { id: page.id }, body: { version: page.version, ...typed } }),
    taken: () => ({ text: words.plant.done(page.name) }),
  })
  const { plant } = words
  const [head, go] =
    page.perPot === 0
      ? [plant.headFill, plant.goFill]
      : page.how === 'sown'
        ? [plant.headSow, plant.goSow]
        : [plant.head, plant.go]
  const risks = [...new Set(page.treatments.flatMap((one) => one.risks))]
  const isDoubtful = ['barred', 'doubtful'].includes(problem?.code ?? '') || values.despite !== ''
  return (
    <section aria-labelledby="plant" data-needs="manage" className={styles.part}>
      <h2 id="plant">{head}</h2>
      <p>{plant.note}</p>
      <Caution lines={[cautions.dust, ...risks.map((one) => trialWords.cautions[one])]} />
      <form className={styles.plant} noValidate onSubmit={submit}>
        <TextField label={plant.on} type="date" {...field('on')} />
        {isDoubtful && (
          <TextField label={plant.despite} hint={plant.despiteHint} {...field('despite')} />
        )}
        <Button type="submit" weight={page.state === 'ready' ? 'main' : 'plain'}>
          {go}
        </Button>
      </form>
      <ProblemNotice problem={problem} />
    </section>
  )
}
