import type { AccessPage } from '../../messages/access/access'
import type { SiteView } from '../../messages/site/site'
import { Notice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { SiteProvider } from '../../ui/SiteContext'
import { access as words } from '../../ui/texts/access/access'
import styles from './Access.module.css'
import { Devices } from './Devices'
import { OpenAgain, PassphraseForm } from './PassphraseForm'
import { Tokens } from './Tokens'

/** Who may come in: passphrases, the devices that are signed in, scripts. */
export default function AccessScreen({
  page,
  site,
}: {
  readonly page: AccessPage
  readonly site: SiteView
}) {
  const { hasManager, hasHelper, isShared, isEncrypted, copiesLeave } = page
  const lead = isShared ? words.sharedLead : hasManager ? words.closedLead : words.openLead
  return (
    <SiteProvider site={site}>
      <PageHead title={words.title} lead={lead} />
      {!isShared && <p className={styles.lead}>{words.howToShare}</p>}
      {!copiesLeave && <Notice>{words.copiesStayHere}</Notice>}
      {isShared && !isEncrypted && <Notice tone="act">{words.notEncrypted}</Notice>}
      <div className={styles.grid}>
        <section aria-labelledby="manager">
          <h2 id="manager">{words.manager}</h2>
          <p>{words.managerSays}</p>
          <PassphraseForm forRole="manager" isSet={hasManager} hasManager={hasManager} />
          {hasManager && !isShared && <OpenAgain />}
        </section>
        <section aria-labelledby="helper">
          <h2 id="helper">{words.helper}</h2>
          <p>
            {words.helperSays} {!hasHelper && words.noHelpers}
          </p>
          {hasManager ? (
            <PassphraseForm forRole="helper" isSet={hasHelper} hasManager />
          ) : (
            <p className={styles.quiet}>{words.managerFirst}</p>
          )}
        </section>
        {hasManager && <Devices sessions={page.sessions} />}
        <Tokens tokens={page.tokens} />
      </div>
    </SiteProvider>
  )
}
