import { useState } from 'react'
import type { StyleguidePage } from '../../messages/styleguide'
import { Band } from '../../ui/Band'
import { Figure, WhyFigure } from '../../ui/Figure'
import { useSite } from '../../ui/SiteContext'
import { styleguide as styleguideWords } from '../../ui/texts/styleguide'
import { WhyText } from '../../ui/WhyText'
import styles from './Styleguide.module.css'

const words = styleguideWords.numbers

export function Numbers({ page }: { readonly page: StyleguidePage }) {
  const { format } = useSite()
  const [asked, setAsked] = useState(false)
  const air = page.pot.airFraction
  return (
    <div className={styles.two}>
      <dl className={styles.list}>
        <dt>{words.estimated}</dt>
        <dd>
          <Figure amount={format.percent(air)} measuredOn={null} large />
        </dd>
        <dt>{words.measured}</dt>
        <dd>
          <Figure
            amount={{ number: format.number(6.4, 1), unit: 'pH' }}
            measuredOn="2026-10-24"
            large
          />
        </dd>
        <dt>{words.booked}</dt>
        <dd>
          <Figure amount={format.litres(27.4)} large />
        </dd>
        <dt>{words.inside}</dt>
        <dd>
          <Band value={air} low={0.12} high={0.25} from={0} to={0.45} />
        </dd>
        <dt>{words.outside}</dt>
        <dd>
          <Band value={0.05} low={0.12} high={0.25} from={0} to={0.45} />
        </dd>
        <dt>{words.ask}</dt>
        <dd>
          <WhyFigure
            name={words.askName}
            amount={format.percent(air)}
            measuredOn={null}
            large
            pressed={asked}
            onAsk={() => setAsked(!asked)}
          />
        </dd>
      </dl>
      <div>
        {asked && <WhyText title={words.panel} why={page.why} onClose={() => setAsked(false)} />}
      </div>
    </div>
  )
}
