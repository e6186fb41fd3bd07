import type { ManyFoundPage, WaitingPot } from '../../../messages/recondition/manyFound'
import type { SiteView } from '../../../messages/site/site'
import { Button } from '../../../ui/Button'
import { Choice } from '../../../ui/Field'
import { Fold } from '../../../ui/Fold'
import { ProblemNotice } from '../../../ui/Notice'
import { PageHead } from '../../../ui/PageHead'
import { Progress } from '../../../ui/Progress'
import { unpacked } from '../../../ui/packed'
import { SiteProvider } from '../../../ui/SiteContext'
import { manyFound as words } from '../../../ui/texts/media/manyFound'
import { PotAnswers } from '../intake/PotAnswers'
import styles from './ManyFound.module.css'
import { OnePotFound } from './OnePotFound'
import { useManyFound } from './useManyFound'

/** Many pots at the end of their season: answered once, then what differs. */
function ManyFoundScreen({ page, site }: { page: ManyFoundPage; site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <ManyPotsFound page={page} />
    </SiteProvider>
  )
}

export default unpacked(ManyFoundScreen)

function ManyPotsFound({ page }: { page: ManyFoundPage }) {
  const found = useManyFound(page)
  const { pots, chosen, all, own, saidOf } = found
  if (page.pots.length === 0) {
    return (
      <>
        <PageHead title={words.title} />
        <p>
          {words.none} <a href="/pots">{words.toPots}</a>
        </p>
      </>
    )
  }
  return (
    <>
      <PageHead title={words.title} lead={words.lead} />
      <form
        data-paper
        className={styles.form}
        noValidate
        // One slip of Enter in a field does not keep what was found in forty pots.
        onKeyDown={(event) => {
          if (event.key === 'Enter' && event.target instanceof HTMLInputElement)
            event.preventDefault()
        }}
        onSubmit={(event) => {
          event.preventDefault()
          void found.send()
        }}
      >
        <ChoosePots
          pots={page.pots}
          chosen={chosen}
          missing={found.missing}
          onChange={found.choose}
        />
        {pots.length > 0 && (
          <>
            <section aria-labelledby="for-all">
              <h2 id="for-all">
                {words.forAll} <small>{words.chosen(pots.length)}</small>
              </h2>
              <PotAnswers
                name="all"
                said={all}
                problems={page.problems}
                dropHint={words.dropHint}
                onSay={found.sayAll}
              />
            </section>
            {pots.length > 1 && (
              <section aria-labelledby="differs">
                <h2 id="differs">{words.differs}</h2>
                <p className={styles.quiet}>{words.differsNote}</p>
                <ul className={styles.pots}>
                  {pots.map((pot) => (
                    <li key={pot.id}>
                      <OnePotFound
                        pot={pot}
                        said={saidOf(pot)}
                        own={own[pot.id] ?? {}}
                        forAll={all}
                        problems={page.problems}
                        onSay={(more) => found.sayOwn(pot.id, more)}
                      />
                    </li>
                  ))}
                </ul>
              </section>
            )}
          </>
        )}
        <ProblemNotice problem={found.problem} />
        {found.isSlow && <Progress label={words.keeping} share={null} />}
        <p>
          <Button type="submit" weight="main" disabled={found.isSending}>
            {words.keep(pots.length)}
          </Button>
        </p>
      </form>
    </>
  )
}

/** By place: a whole terrace at once, or one by one. */
function ChoosePots({
  pots,
  chosen,
  missing,
  onChange,
}: {
  readonly pots: readonly WaitingPot[]
  readonly chosen: readonly number[]
  readonly missing: boolean
  readonly onChange: (ids: readonly number[]) => void
}) {
  const places = [...new Set(pots.map(({ place }) => place))]
  return (
    <section aria-labelledby="which-pots">
      <h2 id="which-pots">
        {words.choose} <small>{words.chosen(chosen.length)}</small>
      </h2>
      {missing && (
        <p role="alert" className={styles.missing}>
          {words.choosePots}
        </p>
      )}
      {places.map((place) => {
        const here = pots.filter((pot) => pot.place === place)
        const ids = here.map(({ id }) => id)
        const isWhole = ids.every((id) => chosen.includes(id))
        const others = chosen.filter((id) => !ids.includes(id))
        return (
          <Fold
            key={place}
            title={words.ofPlace(place, ids.filter((id) => chosen.includes(id)).length, ids.length)}
          >
            <Button weight="quiet" onClick={() => onChange(isWhole ? others : [...others, ...ids])}>
              {isWhole ? words.noneOf(place) : words.allOf(place, ids.length)}
            </Button>
            <Choice
              kind="checkbox"
              label={words.potsOf(place)}
              options={here.map(({ id, code, name, lastCropName }) => ({
                value: String(id),
                label: `${code} ${name}`,
                note: lastCropName ? words.after(lastCropName) : undefined,
              }))}
              isChosen={(value) => chosen.includes(Number(value))}
              onChange={(event) => {
                const id = Number(event.currentTarget.value)
                onChange(
                  event.currentTarget.checked
                    ? [...chosen, id]
                    : chosen.filter((one) => one !== id),
                )
              }}
            />
          </Fold>
        )
      })}
    </section>
  )
}
