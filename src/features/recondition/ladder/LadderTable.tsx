import type { ReactNode } from 'react'
import type { RungId } from '../../../core/recondition'
import type { LadderPage, RungRow, RungView } from '../../../messages/recondition/ladder'
import { AgainstWanted } from '../../../ui/AgainstWanted'
import { WhyFigure } from '../../../ui/Figure'
import type { Amount } from '../../../ui/format'
import { PotSection } from '../../../ui/pictures/PotSection'
import { useSite } from '../../../ui/SiteContext'
import { monthName } from '../../../ui/texts/months'
import { ladder as words } from '../../../ui/texts/recondition/ladder'
import styles from './Ladder.module.css'
import { LadderHead } from './LadderHead'
import type { AskedCell } from './LadderScreen'

/** The ways as columns, what they come to as rows; each number can be asked why. */
export function LadderTable({
  page,
  best,
  chosen,
  asked,
  onAsk,
  onPick,
}: {
  readonly page: LadderPage
  readonly best: RungId | null
  readonly chosen: RungId | null
  readonly asked: AskedCell | null
  readonly onAsk: (cell: AskedCell) => void
  readonly onPick: (way: RungId) => void
}) {
  const { format, site } = useSite()
  const { rungs, crop } = page
  const one = (value: number, unit: string, digits = 1): Amount => ({
    number: format.number(value, digits),
    unit,
  })
  const percent = (share: number) => format.plain(format.percent(share))

  /** A narrow screen shows the way that is chosen beside the one that fits best. */
  const isShown = ({ id }: RungView) => id === chosen || id === best

  const figure = (
    rung: RungView,
    row: RungRow,
    value: number | null,
    amount: (value: number) => Amount,
    measuredOn: string | null | undefined = null,
  ) =>
    value === null ? (
      <span className={styles.none}>{words.none}</span>
    ) : (
      <WhyFigure
        name={`${words.names2[row]}, ${words.names[rung.id]}`}
        amount={amount(value)}
        {...(measuredOn === undefined ? {} : { measuredOn })}
        large
        pressed={asked?.way === rung.id && asked.row === row}
        onAsk={() => onAsk({ way: rung.id, row })}
      />
    )
  const row = (name: string, note: string, cell: (rung: RungView) => ReactNode) => (
    <tr>
      <th scope="row">
        {name}
        <small>{note}</small>
      </th>
      {rungs.map((rung) => (
        <td
          key={rung.id}
          className={[classOf(rung, best), isShown(rung) ? '' : styles.other].join(' ').trim()}
          data-label={words.names[rung.id]}
        >
          {cell(rung)}
        </td>
      ))}
    </tr>
  )

  return (
    <table className={`${styles.ladder} ${chosen === best ? styles.single : ''}`}>
      <caption className="visually-hidden">{words.table}</caption>
      <thead>
        <tr>
          <td />
          {rungs.map((rung, index) => (
            <th key={rung.id} scope="col" className={classOf(rung, best)}>
              <LadderHead
                rung={rung}
                number={index + 1}
                isBest={rung.id === best}
                isUsual={rung.id === page.usualWay}
                isChosen={rung.id === chosen}
                onPick={onPick}
              />
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {row(words.section, words.sectionNote, ({ pot }) =>
          pot ? <PotSection pot={pot} size="card" /> : null,
        )}
        {row(
          words.rows.air,
          words.wants.air(crop.name, format.number(crop.airMin * 100), percent(crop.airMax)),
          (rung) => (
            <>
              {figure(rung, 'air', rung.airFraction, format.percent)}
              {rung.airFraction !== null && (
                <AgainstWanted
                  quantity="air"
                  value={rung.airFraction}
                  wanted={crop}
                  likely={rung.airRange}
                />
              )}
            </>
          ),
        )}
        {row(words.rows.days, words.wants.days(monthName(page.worstMonth)), (rung) =>
          figure(rung, 'days', rung.daysBetweenWaterings, (days) => ({
            number: format.days(days),
            unit: words.daysUnit,
          })),
        )}
        {row(
          words.rows.ph,
          words.wants.band(format.number(crop.pHLow, 1), format.number(crop.pHHigh, 1)),
          (rung) => (
            <>
              {figure(rung, 'ph', rung.ph, (ph) => one(ph, ''))}
              {rung.ph !== null && <AgainstWanted quantity="ph" value={rung.ph} wanted={crop} />}
            </>
          ),
        )}
        {row(
          words.rows.ec,
          words.wants.atMost(format.plain(format.conductivity(crop.ecMaxSme))),
          (rung) => (
            <>
              {figure(rung, 'ec', rung.ecSme, format.conductivity)}
              {rung.ecSme !== null && (
                <AgainstWanted quantity="ec" value={rung.ecSme} wanted={crop} />
              )}
            </>
          ),
        )}
        {row(
          words.rows.nitrogen,
          crop.nSeasonMgPerL > 0
            ? words.wants.nitrogen(format.number(crop.nSeasonMgPerL))
            : words.neverFed,
          (rung) => (
            <>
              {figure(rung, 'nitrogen', rung.nCoverage, format.percent)}
              <small>{nitrogenNote(rung, percent)}</small>
            </>
          ),
        )}
        {row(words.costWork, '', (rung) => (
          <>
            {figure(
              rung,
              'cost',
              knownCost(rung),
              (cost) => ({
                number: `${rung.unpriced.length > 0 ? `${words.atLeast} ` : ''}${format.money(cost)}`,
                unit: '',
              }),
              undefined,
            )}
            {rung.unpriced.length > 0 && (
              <small>{words.noPriceOf(rung.unpricedNames.join(', '))}</small>
            )}
            {rung.minutes !== null && (
              <span className={styles.work}>
                {figure(rung, 'work', rung.minutes, (minutes) => ({
                  number: format.minutes(minutes),
                  unit: '',
                }))}
              </span>
            )}
            <strong>
              {rung.earliestPlanting === null
                ? ''
                : rung.earliestPlanting <= site.today
                  ? words.fromToday
                  : format.day(rung.earliestPlanting)}
            </strong>
          </>
        ))}
        {row(
          words.rows.weight,
          words.wants.weight(format.plain(format.litres(page.litresWanted))),
          (rung) => (
            <>
              {figure(rung, 'weight', rung.litres, format.litres)}
              {rung.kilosToLift !== null && (
                <small>{words.toLift(format.number(rung.kilosToLift))}</small>
              )}
            </>
          ),
        )}
        {row(words.rows.innings, words.wants.innings, (rung) =>
          figure(rung, 'innings', rung.inningsLeft, (left) => ({
            number: format.number(left),
            unit: '',
          })),
        )}
      </tbody>
    </table>
  )
}

/** What no price is known of costs nobody knows what, not nothing. */
function knownCost({ cost, unpriced }: RungView): number | null {
  return unpriced.length > 0 && !cost ? null : cost
}

function classOf({ id, allowed }: RungView, best: RungId | null): string {
  return [id === best ? styles.best : '', allowed ? '' : styles.closed].filter(Boolean).join(' ')
}

function nitrogenNote(
  { feedPlan, firstShortWeek, nCoverage }: RungView,
  percent: (share: number) => string,
): string {
  if (nCoverage === null) return ''
  if (feedPlan && feedPlan.startWeek !== null) {
    return words.fed(percent(feedPlan.coverageAfter), feedPlan.startWeek)
  }
  return firstShortWeek === null ? words.enough : words.shortFrom(firstShortWeek)
}
