import { useEffect, useRef, useState } from 'react'
import type { SiteView } from '../../../messages/site/site'
import type { LookPage } from '../../../messages/trials/lookViews'
import { Button, LinkButton } from '../../../ui/Button'
import { TextField } from '../../../ui/Field'
import { Notice, ProblemNotice } from '../../../ui/Notice'
import { PageHead } from '../../../ui/PageHead'
import { SiteProvider, useSite } from '../../../ui/SiteContext'
import { EmptyState } from '../../../ui/States'
import { look as words } from '../../../ui/texts/trials/look'
import { useReady } from '../../../ui/useReady'
import { Happening } from './Happening'
import styles from './Look.module.css'
import { LookPhoto } from './LookPhoto'
import { LookPots } from './LookPots'
import { stateOfPot } from './look'
import { ReadFields } from './ReadFields'
import { useLook } from './useLook'

/** The pots of a trial, one after the other: what is read at each, and what happened to it. */
export default function LookScreen({ page, site }: { page: LookPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <Look key={page.on} page={page} />
    </SiteProvider>
  )
}

function Look({ page }: { readonly page: LookPage }) {
  const { site, format } = useSite()
  const ready = useReady()
  const look = useLook(page, site.today)
  const { pots, pot } = look
  const [open, setOpen] = useState<'happened' | 'photo' | null>(null)
  const [isEmpty, setEmpty] = useState(false)
  const top = useRef<HTMLDivElement>(null)
  const potId = pot?.id
  // Each pot begins at its first number, with nothing open.
  useEffect(() => {
    setOpen(null)
    setEmpty(false)
  }, [potId])

  if (!pot) return <EmptyState title={words.empty} next={words.back} />
  const states = pots.map(stateOfPot)
  const done = states.filter((state) => state === 'looked').length
  const asked = states.filter((state) => state !== 'out' && state !== 'dead').length
  const next = pots.find((one, at) => one.id !== pot.id && states[at] === 'open')
  const keep = () => {
    const isKept = look.keep()
    setEmpty(!isKept)
    if (isKept) top.current?.scrollIntoView({ block: 'nearest' })
  }
  return (
    <fieldset disabled={!ready || page.isClosed} className={`plain ${styles.screen}`}>
      <div className={styles.pot} ref={top}>
        <PageHead
          title={pot.code}
          beside={[
            words.at(pots.indexOf(pot) + 1, pots.length),
            pot.cropName,
            pot.block !== null && words.block(pot.block + 1),
            pot.treatmentName,
          ]
            .filter(Boolean)
            .join(' · ')}
          lead={
            <>
              <a href={`/trials/${page.trialId}`}>{page.name}</a>
              {' · '}
              {page.check ? words.check(page.check, format.day(page.check.on)) : words.noCheck}
            </>
          }
        />
        {page.isClosed && <Notice tone="act">{words.closed}</Notice>}
        {pot.leftOut && (
          <Notice tone="act">
            {words.leftOut(pot.leftOut, format.day(pot.leftOut.on))}{' '}
            {pot.leftOut.happened !== 'moved' && (
              <Button weight="quiet" onClick={look.countAgain}>
                {words.countAgain}
              </Button>
            )}
          </Notice>
        )}
        {pot.diedOn && <Notice tone="act">{words.died(format.day(pot.diedOn))}</Notice>}
        <ReadFields
          key={pot.id}
          page={page}
          pot={pot}
          typed={look.typed}
          onType={look.type}
          onKeep={keep}
        />
        {isEmpty && (
          <p role="alert" className={styles.empty}>
            {words.nothing}
          </p>
        )}
        <div className={styles.foot}>
          <Button weight="main" onClick={keep}>
            {next ? words.keepNext(next.code) : words.keep}
          </Button>
          {next && <Button onClick={look.skip}>{words.skip}</Button>}
        </div>
        <div className={styles.more}>
          <Button
            aria-expanded={open === 'happened'}
            onClick={() => setOpen(open === 'happened' ? null : 'happened')}
          >
            {words.happened}
          </Button>
          <Button
            aria-expanded={open === 'photo'}
            onClick={() => setOpen(open === 'photo' ? null : 'photo')}
          >
            {words.photo}
          </Button>
        </div>
        {open === 'happened' && (
          <Happening
            pot={pot}
            problems={page.problems}
            onHappened={(what) => {
              look.happened(what)
              setOpen(null)
            }}
          />
        )}
        {open === 'photo' && <LookPhoto trialId={page.trialId} pot={pot} />}
        <ProblemNotice problem={look.refused} />
      </div>
      <div className={styles.side}>
        {done === asked && done > 0 && (
          <Notice tone="ok">
            {words.over(done)} <a href={`/trials/${page.trialId}`}>{words.overNext}</a>.
          </Notice>
        )}
        {look.isLate && (
          <p role="status" className={styles.quiet}>
            {words.waiting(look.waiting)}
          </p>
        )}
        <LookPots
          pots={pots}
          isBlind={page.isBlind}
          now={pot.id}
          says={[
            words.looked(done, asked),
            look.waiting > 0 && !look.isLate && words.sending(look.waiting),
          ]
            .filter(Boolean)
            .join(' · ')}
          onChoose={look.goTo}
        />
        <OtherDay page={page} />
        <p>
          <LinkButton href={`/trials/${page.trialId}`}>{words.back}</LinkButton>
        </p>
      </div>
    </fieldset>
  )
}

/** What was written down on paper belongs to the day it was seen. */
function OtherDay({ page }: { readonly page: LookPage }) {
  const { site } = useSite()
  return (
    <form data-paper className={styles.day} method="get" noValidate={false}>
      <TextField
        label={words.day}
        hint={words.dayHint}
        type="date"
        name="on"
        min={page.plantedOn}
        max={site.today}
        defaultValue={page.on}
        required
      />
      <Button type="submit">{words.showDay}</Button>
    </form>
  )
}
