import { useMemo } from 'react'
import type { DesignQuestion } from '../../../core/trials'
import { Button } from '../../../ui/Button'
import { Notice } from '../../../ui/Notice'
import { useSite } from '../../../ui/SiteContext'
import { trialDesign as words } from '../../../ui/texts/trials/trialDesign'
import type { TrialPlansAnswer, TrialPlansQuestion } from '../../../workers/jobs'
import { useCore } from '../../../workers/useCore'
import styles from './DesignPanel.module.css'
import { type GardenSpreads, plansQuestion, unitOf } from './plansQuestion'

export type { GardenSpreads } from './plansQuestion'

const PERCENT = 100
const ONLY_LARGE = 50

/** A plan grown a thousand times on paper, each judged as the real one will be. */
export function DesignPower({
  design,
  about,
  spreads,
}: {
  readonly design: DesignQuestion
  /** Said until the answer is there. */
  readonly about: number | null
  readonly spreads: GardenSpreads
}) {
  const { format } = useSite()
  const key = JSON.stringify(plansQuestion(design, spreads))
  const asked = useMemo(() => JSON.parse(key) as TrialPlansQuestion, [key])
  const { answer, refusal, progress, working, stop } = useCore('trial-plans', 'trialPlans', asked)
  const percent = (value: number) => `${format.number(value)} %`
  const isPresent = answer !== null && !working
  return (
    <div className={styles.body} aria-live="polite" aria-busy={working}>
      {refusal && <Notice tone="stop">{refusal}</Notice>}
      {!isPresent && about !== null && <p>{words.about(percent(Math.round(about)))}</p>}
      {progress !== null && (
        <p className={styles.quiet}>
          {words.growing(format.plain(format.percent(progress)))}{' '}
          <Button weight="quiet" onClick={stop}>
            {words.stop}
          </Button>
        </p>
      )}
      {isPresent && <Told design={design} asked={asked} answer={answer} />}
    </div>
  )
}

function Told({
  design,
  asked,
  answer,
}: {
  readonly design: DesignQuestion
  readonly asked: TrialPlansQuestion
  readonly answer: TrialPlansAnswer
}) {
  const { format } = useSite()
  const percent = (value: number) => `${format.number(value)} %`
  const ofHundred = (share: number) => format.number(Math.round(PERCENT * share))
  const { plan } = asked
  const { power, falsePositive, leastDifference, more } = answer
  const unit = unitOf(design)
  const isShare = plan.share != null
  const size = design.kind === 'side-by-side' ? design.crops : design.pots
  const least = (value: number | null) => (value === null ? words.none : percent(value))
  return (
    <>
      <p>
        <strong>
          {leastDifference === null
            ? words.leastNone
            : words.least(percent(leastDifference), isShare)}
        </strong>
      </p>
      <p>
        {words.found(percent(plan.differencePercent), ofHundred(power), isShare)}{' '}
        {words.wolf(ofHundred(falsePositive))}
      </p>
      {leastDifference !== null && leastDifference > ONLY_LARGE && (
        <Notice tone="act">{words.onlyLarge}</Notice>
      )}
      <table className={styles.more}>
        <caption>{words.table[unit]}</caption>
        <thead>
          <tr>
            <th scope="col">{words.units[unit]}</th>
            <th scope="col">{words.finds(percent(plan.differencePercent))}</th>
            <th scope="col">{words.difference}</th>
          </tr>
        </thead>
        <tbody>
          <tr aria-current="true">
            <td>
              {size} <small>{words.now}</small>
            </td>
            <td>{words.ofHundred(ofHundred(power))}</td>
            <td>{least(leastDifference)}</td>
          </tr>
          {more.map((one) => (
            <tr key={one.size}>
              <td>{one.size}</td>
              <td>{words.ofHundred(ofHundred(one.power))}</td>
              <td>{least(one.leastDifference)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <details className={styles.why}>
        <summary>{words.why}</summary>
        <p>{words.whyPower(format.number(plan.runs ?? 1000))}</p>
        <p>
          {words.whySpreads({
            cv: percent(design.cv),
            block: plan.blocks ? percent(plan.blockCv ?? 15) : null,
            tray: isShare && design.seeds > 1 ? percent(plan.trayCv ?? 12) : null,
          })}
        </p>
      </details>
    </>
  )
}
