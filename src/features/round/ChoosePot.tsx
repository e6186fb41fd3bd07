import { useState } from 'react'
import type { RoundPot } from '../../messages/containers/round'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { fetchedPart } from '../../ui/fetchedPart'
import { round as words } from '../../ui/texts/containers/round'
import { useReady } from '../../ui/useReady'
import styles from './Round.module.css'
import { codeIn, matchingPots, potsAt, type Round } from './round'
import type { ScanProps } from './Scan'

const MOST_LATELY = 3
const scan = fetchedPart<ScanProps>(() => import('./Scan').then((file) => file.Scan))

/** Where one is: by the code of a pot, by its label before the camera, by the last ones, or place by place. */
export function ChoosePot({
  pots,
  round,
  onPot,
  onPlace,
}: {
  readonly pots: readonly RoundPot[]
  readonly round: Round
  readonly onPot: (pot: RoundPot) => void
  readonly onPlace: (place: string) => void
}) {
  const [typed, setTyped] = useState('')
  const [isScanning, setScanning] = useState(false)
  const ready = useReady()
  const [unknown, setUnknown] = useState<string | null>(null)
  const matches = matchingPots(pots, typed)
  const lately = round.seen
    .toReversed()
    .slice(0, MOST_LATELY)
    .flatMap((id) => pots.find((pot) => pot.id === id) ?? [])
  const places = [...new Set(pots.map(({ place }) => place))]
  const read = (text: string) => {
    const code = codeIn(text)
    const pot = pots.find((one) => one.code.toLowerCase() === code.toLowerCase())
    setScanning(false)
    setUnknown(pot ? null : code)
    if (pot) onPot(pot)
  }
  return (
    <div className={styles.choose}>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          const [first] = matches
          if (first) onPot(first)
        }}
      >
        <TextField
          label={words.where}
          hint={typed.trim() !== '' && matches.length === 0 ? words.nothing : words.whereHint}
          autoCapitalize="characters"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </form>
      {matches.length > 0 && <Pots pots={matches} onPot={onPot} />}
      {unknown !== null && <p role="status">{words.notFromHere(unknown)}</p>}
      {isScanning ? (
        <scan.Part onRead={read} onStop={() => setScanning(false)} />
      ) : (
        ready &&
        hasCamera() && (
          <div>
            <Button
              onClick={() => {
                setUnknown(null)
                setScanning(true)
              }}
            >
              {words.scan}
            </Button>
          </div>
        )
      )}
      {lately.length > 0 && (
        <section aria-labelledby="lately">
          <h2 id="lately">{words.lately}</h2>
          <Pots pots={lately} onPot={onPot} />
        </section>
      )}
      <section aria-labelledby="places">
        <h2 id="places">{words.places}</h2>
        <ul className={styles.list}>
          {places.map((place) => {
            const here = potsAt(pots, place)
            const seen = here.filter(({ id }) => round.seen.includes(id)).length
            return (
              <li key={place}>
                <button type="button" className={styles.row} onClick={() => onPlace(place)}>
                  {place}
                  <small>{words.place(here.length, seen)}</small>
                </button>
              </li>
            )
          })}
        </ul>
      </section>
    </div>
  )
}

function Pots({
  pots,
  onPot,
}: {
  readonly pots: readonly RoundPot[]
  readonly onPot: (pot: RoundPot) => void
}) {
  return (
    <ul className={styles.list}>
      {pots.map((pot) => (
        <li key={pot.id}>
          <button type="button" className={styles.row} onClick={() => onPot(pot)}>
            <span>
              <strong>{pot.code}</strong> {pot.name}
            </span>
            <small>{[pot.place, ...pot.crops].join(' · ')}</small>
          </button>
        </li>
      ))}
    </ul>
  )
}

/** Browsers lend the camera to this machine and to encrypted addresses only. */
function hasCamera(): boolean {
  return Boolean(navigator.mediaDevices?.getUserMedia)
}
