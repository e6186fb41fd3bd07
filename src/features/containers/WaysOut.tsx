import type { ContainerShape } from '../../core/containers'
import type { TroubleWays } from '../../messages/containers/potViews'
import { Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { containers as potWords } from '../../ui/texts/containers/containers'
import { waysOut as words } from '../../ui/texts/media/waysOut'
import { lengthsOf } from './lengthsOf'
import styles from './Pots.module.css'
import own from './WaysOut.module.css'

/** A pot that was seen too wet or too dry again: what would help, the smallest change first. */
export function WaysOut({ ways, lotId }: { readonly ways: TroubleWays; readonly lotId: number }) {
  const { format } = useSite()
  const { kind, times, days, air, place, pot, size } = ways
  const month = potWords.month(ways.month)
  const daysText = (value: number) => words.days(format.days(value))
  const litres = (value: number) => format.plain(format.litres(value))
  const percent = (value: number) => format.plain(format.percent(value))
  const lengths = (shape: ContainerShape) =>
    potWords.sizeOf(lengthsOf(shape).map((cm) => format.cm(cm)))
  const then = (value: number) =>
    kind === 'wet'
      ? words.air(percent(value), percent(air ?? 0))
      : words.lasts(daysText(value), daysText(days ?? 0))
  return (
    <div className={styles.notices}>
      <Notice tone="act">
        {words.title(kind, times)}
        <ol className={own.ways}>
          {days !== null &&
            (kind === 'wet' ? (
              <li>{words.wait(month, daysText(days))}</li>
            ) : (
              <li>
                {words.water(month, daysText(days))}{' '}
                <a href={`/bench/samples/lot/${lotId}`}>{words.toTests}</a>.
              </li>
            ))}
          {days !== null && (
            <li>
              {place
                ? words.place(kind, place.name, daysText(place.days), daysText(days))
                : words.noPlace}
            </li>
          )}
          <li>
            {pot ? (
              <>
                <a href={`/pots/${pot.id}`}>{words.pot(`${pot.code} ${pot.name}`)}</a>
                {words.potThen(litres(pot.litres), then(pot.value))}
              </>
            ) : size ? (
              words.size(kind, lengths(size.shape), litres(size.litres), then(size.value))
            ) : (
              words.noPot[kind]
            )}
          </li>
          <li>
            {words.mix} <a href={`/turnover/new?lot=${lotId}`}>{words.toRecipe}</a>.
          </li>
        </ol>
        {days !== null && <p className={own.why}>{words.why(month)}</p>}
      </Notice>
    </div>
  )
}
