import { useState } from 'react'
import type { MomentView } from '../../messages/bench/benchViews'
import { Button } from '../../ui/Button'
import { elapsed } from '../../ui/elapsed'
import { TextField } from '../../ui/Field'
import { useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { common as commonWords } from '../../ui/texts/common'
import styles from './Bench.module.css'
import { type PlannedKey, readClockTime } from './clockPlan'
import { timeOfDay } from './timeOfDay'

const words = benchWords.clock

/** Calendar and zones are needed when a start is put right, which is rare. */
const fetchTimes = () => import('./withTimeOfDay')

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
        read={async (text) => {
          const { withTimeOfDay } = await fetchTimes()
          return withTimeOfDay(start.at, text, site.timeZone)
        }}
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
  readonly read: (text: string) => Time | null | Promise<Time | null>
  readonly onCorrect: (time: Time) => void
}) {
  const [typed, setTyped] = useState<string | null>(null)
  const [refused, setRefused] = useState<string | null>(null)
  if (typed === null) {
    return (
      <Button weight="quiet" aria-label={words.correct(name)} onClick={() => setTyped(present)}>
        ✎
      </Button>
    )
  }
  const save = async () => {
    try {
      const time = await read(typed)
      setRefused(time === null ? wrong : null)
      if (time === null) return
      onCorrect(time)
      setTyped(null)
    } catch {
      setRefused(commonWords.partFailed)
    }
  }
  return (
    <span className={styles.correct}>
      <TextField
        label={label}
        value={typed}
        error={refused ?? undefined}
        onChange={(event) => {
          setRefused(null)
          setTyped(event.target.value)
        }}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return
          event.preventDefault()
          void save()
        }}
      />
      <Button onClick={() => void save()}>{words.correctSave}</Button>
    </span>
  )
}
