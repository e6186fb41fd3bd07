import { useState } from 'react'
import type { MomentView } from '../../messages/bench/benchViews'
import { Button } from '../../ui/Button'
import { elapsed } from '../../ui/elapsed'
import { TextField } from '../../ui/Field'
import { useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench'
import styles from './Bench.module.css'
import { type PlannedKey, readClockTime } from './clockPlan'
import { timeOfDay, withTimeOfDay } from './timeOfDay'

const words = benchWords.clock

/** When the clock was started, by the time of day, which can be corrected too. */
export function StartRow({
  name,
  start,
  onCorrect,
}: {
  readonly name: string
  readonly start: MomentView
  readonly onCorrect: (at: string) => void
}) {
  const { site } = useSite()
  const time = (at: string) => timeOfDay(at, site.timeZone)
  return (
    <li className={styles.moment}>
      <span>
        {name}
        {start.at !== start.tappedAt && <small>{words.corrected(time(start.tappedAt))}</small>}
      </span>
      <span>{time(start.at)}</span>
      <Correction
        name={name}
        label={words.startLabel(name)}
        present={time(start.at)}
        wrong={words.badDayTime}
        read={(text) => withTimeOfDay(start.at, text, site.timeZone)}
        onCorrect={onCorrect}
      />
    </li>
  )
}

/** What was tapped, seconds after the start, beside the last time and what the recipe lets expect. */
export function MomentRow({
  planned: { name, expectedS },
  moment,
  seconds,
  last,
  onCorrect,
}: {
  readonly planned: PlannedKey
  readonly moment: MomentView | null
  readonly seconds: (at: string) => number
  readonly last: string | null
  readonly onCorrect: (id: string, seconds: number) => void
}) {
  const recipe = expectedS === null ? null : words.recipe(elapsed(expectedS))
  const beside = [last, recipe].filter(Boolean).join(' · ')
  if (!moment && !beside) return null
  return (
    <li className={styles.moment}>
      <span>
        {name}
        {beside && <small>{beside}</small>}
        {moment && moment.at !== moment.tappedAt && (
          <small>{words.corrected(elapsed(seconds(moment.tappedAt)))}</small>
        )}
      </span>
      {moment && <strong>{elapsed(seconds(moment.at))}</strong>}
      {moment && (
        <Correction
          name={name}
          label={words.correctLabel(name)}
          present={elapsed(seconds(moment.at))}
          wrong={words.badTime}
          read={readClockTime}
          onCorrect={(at) => onCorrect(moment.id, at)}
        />
      )}
    </li>
  )
}

/** A time put right by hand: a key, then a field that says what it wants. */
function Correction<Time>({
  name,
  label,
  present,
  wrong,
  read,
  onCorrect,
}: {
  readonly name: string
  readonly label: string
  readonly present: string
  /** Said where what was typed is no time. */
  readonly wrong: string
  readonly read: (text: string) => Time | null
  readonly onCorrect: (time: Time) => void
}) {
  const [typed, setTyped] = useState<string | null>(null)
  const [refused, setRefused] = useState(false)
  if (typed === null) {
    return (
      <Button weight="quiet" aria-label={words.correct(name)} onClick={() => setTyped(present)}>
        ✎
      </Button>
    )
  }
  const save = () => {
    const time = read(typed)
    setRefused(time === null)
    if (time === null) return
    onCorrect(time)
    setTyped(null)
  }
  return (
    <span className={styles.correct}>
      <TextField
        label={label}
        value={typed}
        error={refused ? wrong : undefined}
        onChange={(event) => {
          setRefused(false)
          setTyped(event.target.value)
        }}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return
          event.preventDefault()
          save()
        }}
      />
      <Button onClick={save}>{words.correctSave}</Button>
    </span>
  )
}
