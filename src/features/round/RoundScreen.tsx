import type { RoundPage, RoundPot } from '../../messages/containers/round'
import type { SiteView } from '../../messages/site/site'
import type { LookToDo } from '../../messages/trials/lookViews'
import { Button, LinkButton } from '../../ui/Button'
import { PageHead } from '../../ui/PageHead'
import { unpacked } from '../../ui/packed'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { EmptyState } from '../../ui/States'
import { round as words } from '../../ui/texts/containers/round'
import { ChoosePot } from './ChoosePot'
import { PotStop } from './PotStop'
import styles from './Round.module.css'
import { goOn, goTo, nextPlace, potsAt, type Written } from './round'
import { type Rounding, useRound } from './useRound'

/** A round of the garden by thumb: a pot, what happened there, and the next pot of the place. */
function RoundScreen({
  page,
  looks,
  site,
}: {
  readonly page: RoundPage
  /** Of trials, that are due. */
  readonly looks: readonly LookToDo[]
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <div className={styles.screen}>
        <Walk page={page} looks={looks} />
      </div>
    </SiteProvider>
  )
}

export default unpacked(RoundScreen)

function Walk({ page, looks }: { readonly page: RoundPage; readonly looks: readonly LookToDo[] }) {
  const { site } = useSite()
  const rounding = useRound(page, site.today)
  const { round, change } = rounding
  const pot = page.pots.find(({ id }) => id === round.potId)
  const choose = (chosen: RoundPot) => change((now) => goTo(now, chosen))
  if (page.pots.length === 0) {
    return (
      <EmptyState
        title={words.empty}
        next={words.emptyNext}
        action={<LinkButton href="/lots">{words.emptyNext}</LinkButton>}
      />
    )
  }
  if (pot) return <PotStop page={page} pot={pot} rounding={rounding} />
  const isDone = round.place !== null && potsAt(page.pots, round.place).length > 0
  return (
    <>
      {isDone ? <Done page={page} rounding={rounding} /> : <Head />}
      <Looks looks={looks} />
      <ChoosePot
        pots={page.pots}
        round={round}
        onPot={choose}
        onPlace={(place) => change((now) => goOn(page.pots, { ...now, place, potId: null }))}
      />
      <WrittenToday page={page} rounding={rounding} />
    </>
  )
}

/** Trials whose pots are to be looked at today, or were to be. */
function Looks({ looks }: { readonly looks: readonly LookToDo[] }) {
  const { format } = useSite()
  if (looks.length === 0) return null
  return (
    <ul className={styles.list}>
      {looks.map(({ trialId, name, day, on, isLate, pots }) => (
        <li key={trialId}>
          <a href={`/trials/${trialId}/look`} className={styles.row}>
            <span>
              {name} · {words.look(day, pots)}
            </span>
            <small>{isLate ? words.lookLate(format.day(on)) : words.lookDue}</small>
          </a>
        </li>
      ))}
    </ul>
  )
}

function Head() {
  return <PageHead title={words.title} lead={words.lead} />
}

/** After the last pot of a place. */
function Done({ page, rounding }: { readonly page: RoundPage; readonly rounding: Rounding }) {
  const { round, change } = rounding
  const here = potsAt(page.pots, round.place)
  const seen = here.filter(({ id }) => round.seen.includes(id)).length
  const written = round.written.filter(({ potId }) => here.some(({ id }) => id === potId)).length
  const next = nextPlace(page.pots, round)
  return (
    <>
      <PageHead title={words.done(round.place ?? '')} lead={words.doneLead(seen, written)} />
      <p className={styles.goOn}>
        {next === null ? (
          words.allDone
        ) : (
          <Button
            weight="main"
            onClick={() => change((now) => goOn(page.pots, { ...now, place: next, potId: null }))}
          >
            {words.goToPlace(next)}
          </Button>
        )}
      </p>
    </>
  )
}

/** All that was written down on this round, to be looked through and taken back. */
function WrittenToday({
  page,
  rounding: { round, takeBack },
}: {
  readonly page: RoundPage
  readonly rounding: Rounding
}) {
  if (round.written.length === 0) return null
  return (
    <section aria-labelledby="written">
      <h2 id="written">{words.writtenToday}</h2>
      <ul className={styles.written}>
        {[...round.written].reverse().map((one) => (
          <li key={one.id}>
            <WrittenLine page={page} written={one} />
            <Button
              weight="quiet"
              aria-label={`${words.takeBack}: ${one.said}`}
              onClick={() => void takeBack(one)}
            >
              {words.takeBack}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}

function WrittenLine({ page, written }: { readonly page: RoundPage; readonly written: Written }) {
  const pot = page.pots.find(({ id }) => id === written.potId)
  return (
    <span>
      {words.wrote(pot?.code ?? '', written.said)}
      {written.logId === null && <small> · {words.notSent}</small>}
    </span>
  )
}
