import { useState } from 'react'
import type { RoundPage, RoundPot } from '../../messages/containers/round'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { PageHead } from '../../ui/PageHead'
import { PhotoField } from '../../ui/Photo'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { base64Of } from '../../ui/shrinkPhoto'
import { potLog as logWords } from '../../ui/texts/containers/potLog'
import { round as words } from '../../ui/texts/containers/round'
import { LogKey, LogKeys } from '../containers/LogKeys'
import { hintFor, matching } from '../found/matching'
import styles from './Round.module.css'
import { goTo, nextPot, potsAt } from './round'
import type { Rounding, Said } from './useRound'

type Open = 'harvest' | 'problem' | 'photo' | null

/** One pot of a round: what happened in one tap, and on to the next. */
export function PotStop({
  page,
  pot,
  rounding,
}: {
  readonly page: RoundPage
  readonly pot: RoundPot
  readonly rounding: Rounding
}) {
  const { round, change, write, takeBack, isHeld } = rounding
  const [open, setOpen] = useState<Open>(null)
  const here = potsAt(page.pots, pot.place)
  const next = nextPot(page.pots, round)
  const last = round.written.at(-1)
  const lastPot = page.pots.find(({ id }) => id === last?.potId)
  const say = (what: Said) => {
    setOpen(null)
    void write(pot, what)
  }
  return (
    <>
      <div className={styles.head}>
        <PageHead
          title={`${pot.code} ${pot.name}`}
          lead={`${pot.crops.join(', ') || words.growsNothing} · ${words.at(
            pot.place,
            here.indexOf(pot) + 1,
            here.length,
          )}`}
        />
      </div>
      <LogKeys isHeld={isHeld} onTap={(kind, value, said) => say({ kind, value, said })}>
        {(['harvest', 'problem', 'photo'] as const).map((what) => (
          <LogKey
            key={what}
            isOpen={open === what}
            onTap={() => setOpen(open === what ? null : what)}
          >
            {words[what]}
          </LogKey>
        ))}
      </LogKeys>
      {open === 'harvest' && <Harvest key={pot.id} onSay={say} />}
      {open === 'problem' && <Problem key={pot.id} page={page} onSay={say} />}
      {open === 'photo' && (
        <PhotoField
          key={pot.id}
          label={words.photo}
          onPhoto={async (photo) => {
            if (photo) say({ jpeg: await base64Of(photo), said: logWords.kinds.photo })
          }}
        />
      )}
      {last && lastPot && (
        <p className={styles.last} role="status">
          <span>{words.wrote(lastPot.code, last.said)}</span>
          <Button weight="quiet" onClick={() => void takeBack(last)}>
            {words.takeBack}
          </Button>
          {lastPot.id !== pot.id && (
            <Button weight="quiet" onClick={() => change((now) => goTo(now, lastPot))}>
              {words.back(lastPot.code)}
            </Button>
          )}
        </p>
      )}
      <div className={styles.foot}>
        <Button weight="main" disabled={isHeld} onClick={rounding.next}>
          {next ? words.next(next.code) : words.last}
        </Button>
        <Button onClick={() => change((now) => ({ ...now, place: null, potId: null }))}>
          {words.others}
        </Button>
      </div>
      <label className={styles.stays}>
        <input
          type="checkbox"
          checked={round.stays}
          onChange={(event) => change((now) => ({ ...now, stays: event.target.checked }))}
        />
        {words.stays}
      </label>
      <p>
        <a href={`/pots/${pot.id}`}>{words.page}</a>
      </p>
    </>
  )
}

function Harvest({ onSay }: { readonly onSay: (what: Said) => void }) {
  const { site, format } = useSite()
  const [typed, setTyped] = useState('')
  const [isAsked, setAsked] = useState(false)
  const { value, problem } = readQuantity(typed, 'mass', site.measures)
  const isGiven = problem === null && value !== null && value > 0
  const save = () => {
    setAsked(true)
    if (!isGiven) return
    const said = `${logWords.kinds.harvest} ${format.plain(format.grams(value))}`
    onSay({ kind: 'harvest', value, said })
  }
  return (
    <form
      className={styles.open}
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <QuantityField
        label={logWords.harvest}
        hint={logWords.harvestHint}
        dimension="mass"
        typed={typed}
        error={isAsked && !isGiven ? logWords.howMuch : undefined}
        value={typed}
        autoFocus
        onChange={(event) => setTyped(event.target.value)}
      />
      <div>
        <Button type="submit">{logWords.harvestKey}</Button>
      </div>
    </form>
  )
}

function Problem({
  page,
  onSay,
}: {
  readonly page: RoundPage
  readonly onSay: (what: Said) => void
}) {
  const [typed, setTyped] = useState('')
  const matches = matching(page.problems, typed)
  return (
    <div className={styles.open}>
      <TextField
        label={logWords.problem}
        hint={hintFor(typed, matches, logWords.problemHint)}
        value={typed}
        autoFocus
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
      />
      <ul className={styles.list}>
        {matches.map(({ id, name, signs }) => (
          <li key={id}>
            <button
              type="button"
              className={styles.row}
              onClick={() => onSay({ kind: 'problem', problemId: id, said: name })}
            >
              {name}
              <small>{signs}</small>
            </button>
          </li>
        ))}
      </ul>
    </div>
  )
}
