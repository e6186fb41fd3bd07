import { useEffect, useState } from 'react'
import type { PanBody } from '../../messages/instruments/balance'
import { Button } from '../../ui/Button'
import { useSite } from '../../ui/SiteContext'
import { instruments as words } from '../../ui/texts/bench/instruments'
import styles from './BalanceReading.module.css'
import { useBalance } from './useBalance'

/**
 * The weight that lies on the balance, taken with one key: at once where it is at rest, and as soon as it is where it was
 * pressed too early, or in the very moment it began to swing again.
 */
export function BalanceReading({
  code,
  pot,
  onTake,
}: {
  /** Of what is weighed. */
  readonly code: string
  readonly pot: NonNullable<PanBody['pot']>
  readonly onTake: (grams: number) => void
}) {
  const { format } = useSite()
  const { view, isSilent, lay } = useBalance()
  const grams = isSilent ? null : (view?.grams ?? null)
  const isSteady = grams !== null && view?.isStable === true
  const [isWanted, setWanted] = useState(false)
  // Another pot's weight, or one that comes after a silence, is not the one that was asked for.
  useEffect(() => setWanted(false), [code, isSilent])
  useEffect(() => {
    if (!isWanted || !isSteady) return
    setWanted(false)
    onTake(grams)
  }, [isWanted, isSteady, grams, onTake])
  const written = grams === null ? '' : `${format.number(grams, 1)} g`
  return (
    <section className={styles.balance} aria-label={words.balance}>
      <p className={styles.shown}>
        <span>{words.balance}</span>
        {view?.kind === 'simulated' && (
          <span className={styles.mark} title={words.simulatedMore}>
            {words.simulated}
          </span>
        )}
        {grams !== null && <strong>{written}</strong>}
        <span role="status">
          {isSilent ? words.silent : grams === null ? '' : isSteady ? words.steady : words.settling}
        </span>
      </p>
      <div className={styles.keys}>
        <Button disabled={grams === null} onClick={() => setWanted(true)}>
          {grams === null
            ? words.takeNone
            : isSteady
              ? words.take(written)
              : isWanted
                ? words.takenOnceSteady
                : words.takeOnceSteady}
        </Button>
        {view?.kind === 'simulated' && (
          <>
            <Button weight="quiet" onClick={() => lay(pot)}>
              {words.lay(code)}
            </Button>
            <Button weight="quiet" onClick={() => lay(null)}>
              {words.empty}
            </Button>
          </>
        )}
      </div>
    </section>
  )
}
