import type { ReactNode } from 'react'
import type { SiteView } from '../../messages/site/site'
import type { StyleguidePage } from '../../messages/styleguide'
import { PageHead } from '../../ui/PageHead'
import { SiteProvider } from '../../ui/SiteContext'
import { styleguide as styleguideWords } from '../../ui/texts/styleguide'
import { Actions, Look } from './Actions'
import { Charts } from './Charts'
import { Clocks, Photos } from './Clocks'
import { Fields } from './Fields'
import { Messages } from './Messages'
import { Numbers } from './Numbers'
import { Pictures } from './Pictures'
import styles from './Styleguide.module.css'
import { Ways } from './Ways'

const words = styleguideWords

/** All shared parts in every state: the place to look before building, and to look at after a change. */
export default function StyleguideScreen({
  page,
  site,
}: {
  readonly page: StyleguidePage
  readonly site: SiteView
}) {
  const sections: readonly [keyof typeof words.sections, ReactNode][] = [
    ['look', <Look key="look" />],
    ['actions', <Actions key="actions" />],
    ['fields', <Fields key="fields" />],
    ['numbers', <Numbers key="numbers" page={page} />],
    ['pictures', <Pictures key="pictures" page={page} />],
    ['messages', <Messages key="messages" />],
    ['ways', <Ways key="ways" />],
    ['chart', <Charts key="chart" page={page} />],
    ['clock', <Clocks key="clock" />],
    ['photo', <Photos key="photo" />],
  ]
  return (
    <SiteProvider site={site}>
      <PageHead title={words.title} lead={words.lead} />
      <nav className={styles.contents} aria-label={words.title}>
        {sections.map(([id]) => (
          <a key={id} href={`#${id}`}>
            {words.sections[id]}
          </a>
        ))}
      </nav>
      {sections.map(([id, content]) => (
        <section key={id} id={id} className={styles.section} aria-labelledby={`${id}-title`}>
          <h2 id={`${id}-title`}>{words.sections[id]}</h2>
          {content}
        </section>
      ))}
    </SiteProvider>
  )
}
