import type { GoingOn, PotOnPlan } from '../../messages/containers/goingOn'
import { Button } from '../../ui/Button'
import { DespiteField } from '../../ui/DespiteField'
import { TextField } from '../../ui/Field'
import { usePlanned } from '../../ui/form/usePlanned'
import { Caution, Notice, ProblemNotice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { containers as potWords } from '../../ui/texts/containers/containers'
import { goingOn as words } from '../../ui/texts/containers/goingOn'
import styles from './Fill.module.css'
import { PartsList } from './PartsList'
import { SourceField, sourceOf } from './SourceField'
import { TickedSteps } from './TickedSteps'

const NAMED = 6
/** Wet it weighs about as much as a person should lift alone. */
const HEAVY_L = 12

/** A living plant into a larger pot, as a guided job: worked out first, then written down. */
export function PotOnForm({
  id,
  with: { pots, choices },
}: {
  readonly id: number
  readonly with: GoingOn
}) {
  const { site } = useSite()
  const { values, field, quantity, problem, isSending, plan, look, finish, onTick } = usePlanned(
    'POST /api/containers/[id]/pot-on',
    {
      draft: `pot-on/${id}`,
      begin: { code: '', source: '', on: site.today, despite: '' },
      restsOn: ['code', 'source'],
      asked: ({ code, source, on, despite }, check) => ({
        params: { id },
        body: { code, source: sourceOf(source), on, despite, check },
      }),
      planOf: (answer) => answer.plan,
      taken: (answer) => ({
        text: words.potted(answer.plan.code),
        to: `/pots/${answer.containerId}`,
      }),
    },
  )
  return (
    <form className={styles.fill} onSubmit={look} noValidate>
      <p className={styles.note}>{words.potOnLead}</p>
      <div className={styles.fields}>
        <TextField
          label={words.code}
          hint={words.codeHint(
            pots
              .slice(0, NAMED)
              .map((pot) => `${pot.code} ${pot.name}`)
              .join(', '),
          )}
          suggestions={pots.map((pot) => pot.code)}
          maxLength={20}
          {...field('code')}
        />
        <SourceField label={words.mix} choices={choices} {...field('source')} />
        <TextField label={potWords.on} type="date" {...field('on')} />
        <DespiteField problem={problem} {...quantity('despite')} />
        <div className={styles.keys}>
          <Button type="submit" weight={plan ? 'plain' : 'main'} disabled={isSending}>
            {words.look}
          </Button>
        </div>
      </div>
      <ProblemNotice problem={problem} />
      {plan && (
        <>
          <Plan plan={plan} ticks={values.ticks} onTick={onTick} />
          <div className={styles.keys}>
            <Button weight="main" disabled={isSending} onClick={finish}>
              {words.done}
            </Button>
          </div>
        </>
      )}
    </form>
  )
}

function Plan({
  plan,
  ticks,
  onTick,
}: {
  readonly plan: PotOnPlan
  readonly ticks: readonly string[]
  readonly onTick: (ticks: readonly string[]) => void
}) {
  const { format } = useSite()
  const { steps } = words
  const litres = (value: number) => format.plain(format.litres(value))
  const cm = (value: number) => format.plain(format.cm(value))
  return (
    <div>
      {plan.isMuchWider && <Notice tone="act">{words.wide(cm(plan.widerCm))}</Notice>}
      <TickedSteps
        ticks={ticks}
        onTick={onTick}
        steps={[
          { id: 'water', text: steps.water },
          { id: 'aside', text: steps.aside },
          { id: 'pot', text: steps.pot(plan.code) },
          plan.parts.length === 0
            ? { id: 'take', text: steps.take(litres(plan.litres)) }
            : {
                id: 'measure',
                text: steps.measure(litres(plan.litres)),
                more: <PartsList parts={plan.parts} />,
              },
          { id: 'underlay', text: steps.underlay(cm(plan.underlayCm)) },
          {
            id: 'lift',
            text: steps.lift(cm(plan.gapCm)),
            more:
              plan.settledLitres > HEAVY_L ? <Caution lines={[{ short: steps.lifting }]} /> : null,
          },
          { id: 'sides', text: steps.sides },
          { id: 'water-in', text: steps.waterIn },
          { id: 'back', text: steps.back },
        ]}
      />
      <p className={styles.note}>{words.settled(litres(plan.settledLitres))}</p>
    </div>
  )
}
