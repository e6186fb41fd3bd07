import type { FoundView } from '../../messages/media/found'
import { Button } from '../../ui/Button'
import { useSite } from '../../ui/SiteContext'
import { findings as words } from '../../ui/texts/media/findings'
import styles from './Found.module.css'
import { foundText } from './foundText'

/** What was found in a lot, the worst first, each with its day and where it comes from. */
export function FoundList({
  found,
  onTakeBack,
}: {
  readonly found: readonly FoundView[]
  /** Left out where nothing can be changed. */
  readonly onTakeBack?: (found: FoundView) => void
}) {
  const { format } = useSite()
  const shown = found.filter(({ state }) => state !== 'clear')
  const clear = found.length - shown.length
  if (found.length === 0) return <p className={styles.clear}>{words.none}</p>
  return (
    <>
      <ul className={styles.list}>
        {shown.map((one) => (
          <li
            key={`${one.kind}${one.seenId}${one.problemName}`}
            className={one.state === 'trouble' ? styles.trouble : ''}
          >
            <span className={styles.mark} aria-hidden="true">
              {one.state === 'trouble' ? '▲' : '·'}
            </span>
            <span>
              {foundText(one, format)}
              {one.note && ` – ${one.note}`}
            </span>
            <span className={styles.when}>
              {one.testId === null ? (
                words.on(words.bySight, format.day(one.on))
              ) : (
                <a href={`/bench/tests/${one.testId}`}>
                  {words.on(words.byTest, format.day(one.on))}
                </a>
              )}
              {onTakeBack && one.seenId !== null && (
                <>
                  {' '}
                  <Button
                    weight="quiet"
                    aria-label={words.takeBackOf(foundText(one, format))}
                    onClick={() => onTakeBack(one)}
                  >
                    {words.takeBack}
                  </Button>
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
      {clear > 0 && shown.length > 0 && <p className={styles.clear}>{words.allClear(clear)}</p>}
      {shown.length === 0 && <p className={styles.clear}>{words.nothingWrong}</p>}
    </>
  )
}
