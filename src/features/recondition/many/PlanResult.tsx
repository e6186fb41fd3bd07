import { useEffect, useRef } from 'react'
import type { LadderPriorities, RungId } from '../../../core/recondition'
import type { LaddersView, PlanPage } from '../../../messages/recondition/plan'
import { Notice } from '../../../ui/Notice'
import { useSite } from '../../../ui/SiteContext'
import { ladder } from '../../../ui/texts/recondition/ladder'
import { plan as words } from '../../../ui/texts/recondition/plan'
import type { LaddersAnswer } from '../../../workers/jobs'
import { waysAddress } from '../intake/answers'
import styles from './Plan.module.css'
import { type PlanRow, planRows, planSum } from './planRows'

/** The way of each lot, to be changed, and what all of them come to. */
export function PlanResult({
  page,
  view,
  answers,
  priorities,
  picked,
  onPick,
}: {
  readonly page: PlanPage
  readonly view: LaddersView
  readonly answers: readonly LaddersAnswer[]
  readonly priorities: LadderPriorities
  readonly picked: Readonly<Record<string, RungId>>
  readonly onPick: (id: number, way: RungId) => void
}) {
  // Below a long list of lots nobody would see that it has come.
  const head = useRef<HTMLHeadingElement>(null)
  useEffect(() => head.current?.focus(), [])
  const rows = planRows(view.lots, answers, priorities, page.usualWay, picked)
  const nameOf = (id: number) => page.lots.find((lot) => lot.id === id)?.name ?? String(id)
  const left = [
    ...view.left,
    ...answers.flatMap(({ id, refusal }) => (refusal === null ? [] : [{ id, why: refusal }])),
  ]
  return (
    <section aria-label={words.table}>
      <h2 ref={head} tabIndex={-1} className={styles.head}>
        {words.head}
      </h2>
      {rows.length > 0 && (
        <table className={styles.plan}>
          <caption className="visually-hidden">{words.table}</caption>
          <thead>
            <tr>
              {Object.values(words.columns).map((name) => (
                <th key={name} scope="col">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <LotRow
                key={row.id}
                row={row}
                name={nameOf(row.id)}
                where={page.lots.find(({ id }) => id === row.id)?.where ?? ''}
                href={waysOf(row, view)}
                onPick={(way) => onPick(row.id, way)}
              />
            ))}
          </tbody>
          <SumRow rows={rows} />
        </table>
      )}
      {left.length > 0 && (
        <Notice tone="act">
          <strong>{words.left}</strong>
          <ul className={styles.left}>
            {left.map(({ id, why }) => (
              <li key={id}>
                <a href={`/lots/${id}`}>{nameOf(id)}</a>: {why}
              </li>
            ))}
          </ul>
        </Notice>
      )}
      <p className={styles.quiet}>{words.estimate}</p>
    </section>
  )
}

function waysOf({ id }: PlanRow, { lots }: LaddersView): string {
  const answers = lots.find((lot) => lot.id === id)?.answers
  return answers ? waysAddress(answers) : `/turnover/new?lot=${id}`
}

function LotRow({
  row: { rungs, best, way, airMin, litresWanted },
  name,
  where,
  href,
  onPick,
}: {
  readonly row: PlanRow
  readonly name: string
  readonly where: string
  readonly href: string
  readonly onPick: (way: RungId) => void
}) {
  const { format, site } = useSite()
  const { columns } = words
  const litres = (value: number) => format.plain(format.litres(value))
  const percent = (share: number) => format.plain(format.percent(share))
  const isShort = way?.warnings.includes('litres') ?? false
  const isAirless = way?.airFraction !== null && way !== null && way.airFraction < airMin - 1e-6
  return (
    <tr>
      <th scope="row">
        <a href={href} aria-label={words.toWays(name)}>
          {name}
        </a>
        <small>{where}</small>
      </th>
      <td data-label={columns.way}>
        {way ? (
          <select
            className={styles.way}
            aria-label={words.wayOf(name)}
            value={way.id}
            onChange={(event) => onPick(event.currentTarget.value as RungId)}
          >
            {rungs
              .filter(({ allowed }) => allowed)
              .map(({ id }) => (
                <option key={id} value={id}>
                  {ladder.names[id]}
                  {id === best?.id ? ` · ${words.best}` : ''}
                </option>
              ))}
          </select>
        ) : (
          <>
            {words.closed}
            <small>{barOf(rungs)}</small>
          </>
        )}
      </td>
      <td data-label={columns.air}>
        {way?.airFraction === null || !way ? '' : `≈ ${percent(way.airFraction)}`}
        {isAirless && <small className={styles.act}>▲ {words.wanted(percent(airMin))}</small>}
      </td>
      <td data-label={columns.litres}>
        {way?.litres === null || !way ? '' : litres(way.litres)}
        {isShort && <small className={styles.act}>▲ {words.short(litres(litresWanted))}</small>}
      </td>
      <td data-label={columns.cost}>
        {way?.cost === null || !way
          ? ''
          : way.warnings.includes('unpriced')
            ? words.from(format.money(way.cost))
            : format.money(way.cost)}
      </td>
      <td data-label={columns.work}>{way?.minutes == null ? '' : format.minutes(way.minutes)}</td>
      <td data-label={columns.from}>
        {way?.earliestPlanting == null
          ? ''
          : way.earliestPlanting <= site.today
            ? words.now
            : format.day(way.earliestPlanting)}
      </td>
      <td data-label={columns.lift}>
        {way?.kilosToLift == null ? '' : `${format.number(way.kilosToLift)} kg`}
      </td>
    </tr>
  )
}

/** Why no way is open, of the first. */
function barOf(rungs: PlanRow['rungs']): string {
  const bar = rungs[0]?.warnings[0]
  return bar && bar in ladder.bars ? ladder.bars[bar as keyof typeof ladder.bars] : ''
}

function SumRow({ rows }: { readonly rows: readonly PlanRow[] }) {
  const { format } = useSite()
  const { columns } = words
  const sum = planSum(rows)
  return (
    <tfoot>
      <tr>
        <th scope="row">
          {words.total}
          <small>
            {sum.byWay.map(([id, count]) => words.counted(count, ladder.names[id])).join(', ')}
          </small>
        </th>
        <td className={styles.empty} />
        <td className={styles.empty} />
        <td data-label={columns.litres}>
          {format.plain(format.litres(sum.litres))}
          <small>{words.short(format.plain(format.litres(sum.litresWanted)))}</small>
        </td>
        <td data-label={columns.cost}>
          {sum.isPriced ? format.money(sum.cost) : words.from(format.money(sum.cost))}
          {!sum.isPriced && <small>{words.unpriced}</small>}
          {sum.costNew !== null && <small>{words.against(format.money(sum.costNew))}</small>}
        </td>
        <td data-label={columns.work}>{format.minutes(sum.minutes)}</td>
        <td className={styles.empty} />
        <td data-label={columns.lift}>{format.number(sum.kilos)} kg</td>
      </tr>
    </tfoot>
  )
}
