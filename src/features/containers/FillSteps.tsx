import type { FillPlan } from '../../messages/containers/fillPot'
import type { PotPage } from '../../messages/containers/potViews'
import { Caution, Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { filling as words } from '../../ui/texts/containers/filling'
import styles from './Fill.module.css'
import { HolesPicture } from './HolesPicture'
import { PartsList } from './PartsList'
import { type TickedStep, TickedSteps } from './TickedSteps'

/** Preparing and filling as a guided job: every step can be ticked, and stays ticked in this browser. */
export function FillSteps({
  page,
  plan,
  ticks,
  onTick,
}: {
  readonly page: PotPage
  readonly plan: FillPlan
  readonly ticks: readonly string[]
  readonly onTick: (ticks: readonly string[]) => void
}) {
  const { format } = useSite()
  const steps = useSteps(page, plan)
  return (
    <div className={styles.plan}>
      {plan.isDoubtful && <Notice tone="act">{words.doubtful}</Notice>}
      <HolesPicture shape={page.shape} holes={plan.holes} />
      <TickedSteps steps={steps} ticks={ticks} onTick={onTick} />
      <p className={styles.note}>
        {words.why(
          plan.volumeYield === null ? null : format.plain(format.percent(plan.volumeYield)),
        )}
      </p>
    </div>
  )
}

function useSteps(page: PotPage, plan: FillPlan): readonly TickedStep[] {
  const { format } = useSite()
  const { steps } = words
  const litresText = (value: number) => format.plain(format.litres(value))
  const cm = (value: number) => format.plain(format.cm(value))
  const percent = (value: number) => format.plain(format.percent(value))
  const { filler, holes, parts } = plan
  return [
    {
      id: 'holes',
      text: steps.holes(holes.count, holes.diameterMm),
      more: <Caution lines={[{ short: steps.drill }]} />,
    },
    { id: 'wash', text: steps.wash, more: <Caution lines={[{ short: steps.disinfect }]} /> },
    { id: 'mesh', text: steps.mesh, more: <a href="/mixes/layers">{steps.stones}</a> },
    { id: 'feet', text: steps.feet },
    ...(filler
      ? [
          {
            id: 'filler',
            text: steps.filler(cm(filler.heightCm), litresText(filler.savedLitres)),
            more: (
              <p className={styles.price}>
                {steps.fillerPrice(percent(filler.air), percent(filler.airWithout))}
              </p>
            ),
          },
        ]
      : []),
    parts.length === 0
      ? { id: 'take', text: steps.take(litresText(plan.litres)) }
      : {
          id: 'measure',
          text: steps.measure(litresText(plan.litres)),
          more: <PartsList parts={parts} />,
        },
    { id: 'fill', text: steps.fill(litresText(plan.litres), litresText(plan.topUpLitres)) },
    { id: 'water', text: steps.water },
    {
      id: 'top-up',
      text: steps.topUp(
        litresText(plan.topUpLitres),
        cm(plan.headspaceCm),
        litresText(plan.settledLitres),
      ),
    },
    { id: 'plant', text: steps.plant },
    { id: 'mulch', text: steps.mulch },
    { id: 'emitters', text: steps.emitters(plan.emitters) },
    {
      id: 'label',
      text: steps.label(page.code),
      more: <a href={`/labels?pots=${page.id}`}>{steps.printLabel}</a>,
    },
  ]
}
