import { useState } from 'react'
import type { SiteView } from '../../messages/site'
import { Button } from '../../ui/Button'
import { Clock } from '../../ui/Clock'
import { Notice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { SiteProvider } from '../../ui/SiteContext'
import { texts } from '../../ui/texts'
import styles from './Screens.module.css'

const words = texts.drawnScreens.clock

/** A test in the middle: for one wet hand. */
export default function ClockScreen({ site }: { readonly site: SiteView }) {
  const [startedAt] = useState(() => `${site.today}T09:00:00Z`)
  return (
    <SiteProvider site={site}>
      <div className={styles.narrow}>
        <PageHead title={words.title} beside={words.beside} lead={words.lead} />
        <Clock
          label={words.label}
          startedAt={startedAt}
          endedAt={`${site.today}T09:01:47Z`}
          moments={[]}
          keys={words.keys.map((name, index) => ({
            name,
            note: words.notes[index] ?? '',
            main: index === 0,
            onPress: () => {},
          }))}
        />
        <dl className={styles.readings}>
          <div>
            <dt>{words.drip}</dt>
            <dd>
              <strong>{words.dripValue}</strong> <small>{words.dripLast}</small>
            </dd>
          </div>
          <div>
            <dt>{words.mark}</dt>
            <dd>
              <small>{words.markLast}</small>
            </dd>
          </div>
        </dl>
        <div className={styles.spread}>
          <Button weight="quiet">{words.undo}</Button>
          <Button weight="quiet">{words.why}</Button>
          <Button weight="quiet">{words.away}</Button>
        </div>
        <Notice>{words.runs}</Notice>
      </div>
    </SiteProvider>
  )
}
