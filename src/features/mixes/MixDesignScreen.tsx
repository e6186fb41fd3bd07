import type { MixDesignPage } from '../../messages/mixes/mixViews'
import type { SiteView } from '../../messages/site/site'
import { Button } from '../../ui/Button'
import { Fold } from '../../ui/Fold'
import { ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { unpacked } from '../../ui/packed'
import { SiteProvider } from '../../ui/SiteContext'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import { useReady } from '../../ui/useReady'
import { Adjusters } from './Adjusters'
import { AskCheapest } from './AskCheapest'
import { DesignProvider, useMixDesign } from './DesignContext'
import { LotBars, MixBatch, MixTriangle, RecipeCard } from './designParts'
import { MixAdvice } from './MixAdvice'
import styles from './MixDesign.module.css'
import { MixFoot } from './MixFoot'
import { MixFound } from './MixFound'
import { MixInPot } from './MixInPot'
import { MixParts } from './MixParts'
import { MixSetting } from './MixSetting'
import { useDesign } from './useDesign'

const words = mixesWords.design

/** A mix put together and seen at once: in this pot, in this place, with this watering. */
function MixDesignScreen({
  page,
  site,
}: {
  readonly page: MixDesignPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <Designer page={page} />
    </SiteProvider>
  )
}

export default unpacked(MixDesignScreen)

function Designer({ page }: { readonly page: MixDesignPage }) {
  const ready = useReady()
  const design = useDesign(page)
  return (
    <DesignProvider design={design}>
      <fieldset disabled={!ready} className={`plain ${styles.onScreen}`}>
        <DesignHead />
        <ProblemNotice problem={design.problem} />
        <MixSetting />
        {page.from && <LotBars />}
        <div className={styles.advice}>
          <MixAdvice />
          <MixFound />
        </div>
        <Adjusters />
        <div className={styles.panels}>
          <MixParts>
            <AskCheapest />
          </MixParts>
          <MixInPot />
        </div>
        {design.container && (
          <Fold className={styles.triangle} title={mixesWords.design.triangle}>
            {(open) => <MixTriangle open={open} />}
          </Fold>
        )}
        <MixFoot />
        <MixBatch />
      </fieldset>
      <RecipeCard />
    </DesignProvider>
  )
}

function DesignHead() {
  const { page, form, changed, save } = useMixDesign()
  const { mix } = page
  return (
    <PageHead
      title={form.watch('name') || words.untitled}
      beside={
        mix ? (changed ? words.changed(mix.version) : words.saved(mix.version)) : words.notSaved
      }
      actions={
        <Button
          weight="main"
          data-needs="manage"
          onClick={save}
          disabled={mix !== null && !changed}
        >
          {mix ? words.saveNext(mix.version + 1) : words.saveNew}
        </Button>
      }
    />
  )
}
