import { useState } from 'react'
import { DAY_MS } from '../../core/units'
import type { PlantingView, PotPage } from '../../messages/containers/potViews'
import type { SiteView } from '../../messages/site/site'
import { Button, LinkButton } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { Figure, WhyFigure } from '../../ui/Figure'
import { Fold } from '../../ui/Fold'
import { ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { InningsStrip } from '../../ui/pictures/InningsStrip'
import { PotSection } from '../../ui/pictures/PotSection'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { common } from '../../ui/texts/common'
import { containers as words } from '../../ui/texts/containers/containers'
import { goingOn as goingOnWords } from '../../ui/texts/containers/goingOn'
import { labels as labelWords } from '../../ui/texts/containers/labels'
import { movedPlants as moveWords } from '../../ui/texts/containers/movedPlants'
import { findings as findingWords } from '../../ui/texts/media/findings'
import { waysOut as waysWords } from '../../ui/texts/media/waysOut'
import { showToastOnNextPage } from '../../ui/toast'
import { useSend } from '../../ui/useSend'
import { WhyText } from '../../ui/WhyText'
import { TriageNotice } from '../found/TriageNotice'
import { numberOrTyped } from '../readNumber'
import { InTrials } from '../trials/InTrials'
import { CorrectForm } from './CorrectForm'
import { DressForm } from './DressForm'
import { EndForm } from './EndForm'
import { FillForm } from './FillForm'
import { MovePlantsForm } from './MovePlantsForm'
import { PlantForm } from './PlantForm'
import { Growing, History, Log } from './PotHistory'
import { PotOnForm } from './PotOnForm'
import styles from './Pots.module.css'
import { QuickLog } from './QuickLog'
import { WaysOut } from './WaysOut'

/** One pot: what grows in it and since when, its mix cut open, what was written down at it. */
export default function PotScreen({ page, site }: { page: PotPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <Pot page={page} />
    </SiteProvider>
  )
}

function Pot({ page }: { page: PotPage }) {
  const { format } = useSite()
  const { lot, growing, section } = page
  return (
    <>
      <PageHead
        title={`${page.code} ${page.name}`}
        beside={`${page.place} · ${words.holds(format.plain(format.litres(page.litres)))}`}
        lead={lot && <InningsStrip innings={lot.innings} nextOpen={growing.length === 0} />}
        actions={<NextAction page={page} />}
      />
      <Sentence page={page} />
      <InTrials trials={page.trials} />
      {page.seenOnce && !page.ways && (
        <p className={styles.quiet}>{waysWords.once[page.seenOnce]}</p>
      )}
      {page.ways && page.lot && !page.isBlind && <WaysOut ways={page.ways} lotId={page.lot.id} />}
      {page.fill && <FillForm page={page} />}
      <div className={styles.grid}>
        {section && page.isBlind && <p className={styles.note}>{words.blind}</p>}
        {section && !page.isBlind && (
          <section aria-labelledby="section">
            <h2 id="section">{words.section}</h2>
            <PotSection pot={section} size="stage" planted={growing.length > 0} />
            {page.fillerCm > 0 && (
              <p className={styles.note}>
                {words.onFiller(format.plain(format.cm(page.fillerCm)))}
              </p>
            )}
            {lot && (
              <p>
                {words.lot}: <a href={`/lots/${lot.id}`}>{lot.name}</a>
              </p>
            )}
            <Water page={page} />
          </section>
        )}
        {lot && (
          <section aria-labelledby="quick">
            <h2 id="quick">{words.quick}</h2>
            <QuickLog page={page} />
          </section>
        )}
      </div>
      {growing.map((planting) => (
        <section key={planting.id} aria-label={planting.cropName} className={styles.planting}>
          <Growing planting={planting} />
          <details data-needs="manage">
            <summary>{words.end}</summary>
            <EndForm planting={planting} problems={page.problems} />
          </details>
          <details data-needs="manage">
            <summary>{moveWords.open}</summary>
            <MovePlantsForm planting={planting} />
          </details>
        </section>
      ))}
      {page.goingOn && growing.length > 0 && (
        <section aria-label={goingOnWords.potOn} data-needs="manage" className={styles.planting}>
          <Fold title={goingOnWords.potOn}>
            <PotOnForm id={page.id} with={page.goingOn} />
          </Fold>
          <Fold title={goingOnWords.dress}>
            <DressForm id={page.id} with={page.goingOn} />
          </Fold>
        </section>
      )}
      {lot && (
        <section aria-labelledby="plant" data-needs="manage" className={styles.planting}>
          {growing.length > 0 ? (
            <details>
              <summary id="plant">{words.plantBeside}</summary>
              <PlantForm pots={[page.id]} crops={page.crops} families={page.families} />
            </details>
          ) : (
            <>
              <h2 id="plant">{words.plant}</h2>
              {page.triage && <TriageNotice triage={page.triage} />}
              <PlantForm pots={[page.id]} crops={page.crops} families={page.families} />
            </>
          )}
        </section>
      )}
      <Log page={page} />
      <History page={page} />
      <details className={styles.more} data-needs="manage">
        <summary>{words.correct}</summary>
        <CorrectForm page={page} />
      </details>
      <More id={page.id} />
      <p>
        <a href={`/labels?pots=${page.id}`}>{labelWords.ofPots(1)}</a> ·{' '}
        <a href={`/trials/candidates?pot=${page.id}`}>{common.actions.whichMix}</a>
      </p>
    </>
  )
}

function NextAction({ page: { lot, growing } }: { page: PotPage }) {
  if (!lot)
    return (
      <LinkButton data-needs="manage" href="#fill">
        {words.fillIt}
      </LinkButton>
    )
  if (lot.openOrderId !== null) {
    return (
      <LinkButton weight="main" href={`/turnover/orders/${lot.openOrderId}`}>
        {words.goOn}
      </LinkButton>
    )
  }
  if (growing.length > 0) return null
  return (
    <LinkButton data-needs="manage" href={`/turnover/new?lot=${lot.id}`}>
      {words.turnOver}
    </LinkButton>
  )
}

function Sentence({ page: { lot, growing, triage } }: { page: PotPage }) {
  const { format, site } = useSite()
  const hold = triage?.hold
  return (
    <p className={styles.sentence}>
      {!lot
        ? words.bare
        : growing.length > 0
          ? growing.map((one) => grows(one, site.today, format.day(firstOn(one)))).join(' ')
          : lot.readyOn !== null && lot.readyOn > site.today
            ? words.rests(lot.name, format.day(lot.readyOn))
            : words.waits(lot.name)}
      {hold && ` ${findingWords.held[hold.kind](format.day(hold.until))}`}
    </p>
  )
}

/** However often they were moved since. */
function firstOn({ startedOn, movedFrom }: PlantingView): string {
  return movedFrom?.firstOn ?? startedOn
}

function grows(one: PlantingView, today: string, since: string): string {
  const weeks = Math.floor((Date.parse(today) - Date.parse(firstOn(one))) / (7 * DAY_MS))
  return words.grows(one.cropName, one.cultivar, since, weeks)
}

function Water({ page: { water } }: { page: PotPage }) {
  const { format } = useSite()
  const [asked, setAsked] = useState<'days' | 'weight' | null>(null)
  if (!water) return null
  const kg = (value: number) => ({ number: format.number(value, 1), unit: 'kg' })
  const ask = (key: 'days' | 'weight') => setAsked(key === asked ? null : key)
  return (
    <>
      <dl className={styles.values}>
        <div>
          <dt>{words.lasts(words.month(water.month))}</dt>
          <dd>
            <WhyFigure
              name={words.whyNames.days}
              amount={{ number: format.days(water.days), unit: words.days }}
              measuredOn={null}
              large
              pressed={asked === 'days'}
              onAsk={() => ask('days')}
            />
            <small>
              {common.likely(format.number(water.low, 1), format.number(water.high, 1))}
            </small>
          </dd>
        </div>
        <div>
          <dt>{words.weighs}</dt>
          <dd>
            <WhyFigure
              name={words.whyNames.weight}
              amount={kg(water.wetKg)}
              measuredOn={null}
              large
              pressed={asked === 'weight'}
              onAsk={() => ask('weight')}
            />
          </dd>
        </div>
        <div>
          <dt>{words.thirsty}</dt>
          <dd>
            <Figure amount={kg(water.thirstyKg)} measuredOn={null} large />
            <small>{words.withoutPot}</small>
          </dd>
        </div>
      </dl>
      {asked && (
        <WhyText
          title={words.whyTitle(words.whyNames[asked])}
          why={water.why[asked]}
          onClose={() => setAsked(null)}
        />
      )}
    </>
  )
}

/** Containers of the same shape at the same place, coded by the next numbers. */
function More({ id }: { readonly id: number }) {
  const [count, setCount] = useState('')
  const { problem, errorOf, isSending, deliver } = useSend()
  const add = async (event: React.FormEvent) => {
    event.preventDefault()
    if (isSending) return
    const body = { count: numberOrTyped(count) ?? undefined }
    const answer = await deliver('POST /api/containers/[id]/more', { params: { id }, body })
    if (!answer) return
    showToastOnNextPage({ text: words.added(answer.data.ids.length) })
    window.location.assign('/pots?state=empty')
  }
  return (
    <details className={styles.more} data-needs="manage">
      <summary>{words.more}</summary>
      <form className={styles.form} onSubmit={(event) => void add(event)} noValidate>
        <TextField
          label={words.moreCount}
          inputMode="numeric"
          value={count}
          error={errorOf('count')}
          onChange={(event) => setCount(event.target.value)}
        />
        <div>
          <Button type="submit">{words.moreIt}</Button>
        </div>
        <ProblemNotice problem={problem} />
      </form>
    </details>
  )
}
