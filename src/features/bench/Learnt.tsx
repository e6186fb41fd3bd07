import { useState } from 'react'
import { type Why, whyInput } from '../../core/why'
import type { CalibrationDoubt, CalibrationView, SampleKind } from '../../messages/bench/benchViews'
import { AskWhy } from '../../ui/AskWhy'
import { Figure } from '../../ui/Figure'
import { Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { benchScreens } from '../../ui/texts/bench/benchScreens'
import { WhyText } from '../../ui/WhyText'
import styles from './Bench.module.css'
import valueStyles from './Values.module.css'
import { valueAmount } from './valueText'

const words = benchScreens.calibrated
const S_PER_MIN = 60

/** What tests made of a sample, beside what its recipe lets expect: the two stay apart. */
export function Learnt({
  calibration: { on, from, doubts, expected, measured, potName, wanted },
  kind,
}: {
  readonly calibration: CalibrationView
  readonly kind: SampleKind
}) {
  const { format } = useSite()
  const [asked, setAsked] = useState<'air' | 'passes' | null>(null)
  const ask = (key: 'air' | 'passes') => setAsked(asked === key ? null : key)
  const percent = (share: number) => format.plain(format.percent(share))
  const speed = (ksCmPerS: number) => valueAmount(S_PER_MIN * ksCmPerS, 'cm/min', format)
  return (
    <section className={styles.learnt} aria-labelledby="learnt">
      <h2 id="learnt">{words.title}</h2>
      {from.length > 0 && (
        <table className={valueStyles.values}>
          <caption>{words.lead(potName)}</caption>
          <thead>
            <tr>
              <td />
              <th scope="col">{words.expected}</th>
              <th scope="col">
                {words.measured} ({from.map((one) => words.from[one]).join(', ')})
              </th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">
                <AskWhy name={words.air} pressed={asked === 'air'} onAsk={() => ask('air')} />
              </th>
              <td>
                <Figure amount={format.percent(expected.air)} measuredOn={null} />
              </td>
              <td>
                <Figure
                  amount={format.percent(measured.air)}
                  measuredOn={from.includes('porosity') ? on : null}
                />
              </td>
            </tr>
            <tr>
              <th scope="row">
                <AskWhy
                  name={words.passes}
                  pressed={asked === 'passes'}
                  onAsk={() => ask('passes')}
                />
              </th>
              <td>
                <Figure amount={speed(expected.ksCmPerS)} measuredOn={null} />
              </td>
              <td>
                <Figure
                  amount={speed(measured.ksCmPerS)}
                  measuredOn={from.includes('drain') ? on : null}
                />
              </td>
            </tr>
          </tbody>
        </table>
      )}
      {wanted && from.includes('porosity') && <Fits air={measured.air} wanted={wanted} />}
      {asked && (
        <WhyText
          title={words.why[asked]}
          why={learntWhy(asked, { expected, measured, from, on })}
          onClose={() => setAsked(null)}
        />
      )}
      {doubts.map((doubt) => (
        <Notice key={doubt.kind} tone="act">
          {doubtText(doubt, percent)}
        </Notice>
      ))}
      {kind === 'lot' && from.length > 0 && <p className={styles.quiet}>{words.uses}</p>}
    </section>
  )
}

/** The air that was measured against what the crop wants. */
function Fits({
  air,
  wanted: { crop, low, high },
}: {
  readonly air: number
  readonly wanted: NonNullable<CalibrationView['wanted']>
}) {
  const { format } = useSite()
  const percent = (share: number) => format.plain(format.percent(share))
  const fit = air < low ? 'short' : air > high ? 'much' : 'fits'
  return (
    <Notice tone={fit === 'fits' ? 'ok' : 'act'}>
      {words.fit[fit](crop.toLocaleLowerCase(), percent(low), percent(high), percent(air))}
    </Notice>
  )
}

function doubtText(doubt: CalibrationDoubt, percent: (share: number) => string): string {
  switch (doubt.kind) {
    case 'pores and air disagree':
      return words.doubt[doubt.kind](
        percent(doubt.pores),
        percent(doubt.air),
        percent(doubt.expectedPores),
        percent(doubt.expectedAir),
      )
    case 'drain undecided':
      return words.doubt[doubt.kind](words.further[doubt.further ?? ''] ?? '')
    case 'drain does not fit':
      return words.doubt[doubt.kind]()
    case 'porosity out of reach':
      return words.doubt[doubt.kind](percent(doubt.low), percent(doubt.high))
  }
}

function learntWhy(
  key: 'air' | 'passes',
  { expected, measured, from, on }: Pick<CalibrationView, 'expected' | 'measured' | 'from' | 'on'>,
): Why {
  const tested = from.includes(key === 'air' ? 'porosity' : 'drain')
  const cmPerMin = (ksCmPerS: number) => Number((S_PER_MIN * ksCmPerS).toFixed(2))
  return {
    rule: key === 'air' ? 'learnt.air' : 'learnt.speed',
    source: key === 'air' ? 'capacity' : 'drainage',
    ...(tested ? { measuredOn: on } : {}),
    inputs:
      key === 'air'
        ? [whyInput('byRecipe', expected.air, 'share'), whyInput('byTests', measured.air, 'share')]
        : [
            whyInput('byRecipeSpeed', cmPerMin(expected.ksCmPerS), 'cm/min'),
            whyInput('byTestsSpeed', cmPerMin(measured.ksCmPerS), 'cm/min'),
          ],
  }
}
