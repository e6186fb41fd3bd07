import { useState } from 'react'
import type { RungId } from '../../../core/recondition'
import type { LadderPage, RungView } from '../../../messages/recondition/ladder'
import { SelectField } from '../../../ui/Field'
import type { Format } from '../../../ui/format'
import { PotSection } from '../../../ui/pictures/PotSection'
import { useSite } from '../../../ui/SiteContext'
import { ladder as words } from '../../../ui/texts/recondition/ladder'
import styles from './TwoWays.module.css'
import { type ApartRow, FIGURES, waysApart } from './waysApart'

/** Two of the ways against each other: what the second brings, and what it asks for it. */
export function TwoWays({ page, begin }: { readonly page: LadderPage; readonly begin: RungId }) {
  const { format } = useSite()
  const ways = page.rungs.filter(({ litres }) => litres !== null)
  const other = ways.find(({ id, allowed }) => id !== begin && allowed) ?? ways[0]
  const [ids, setIds] = useState<readonly [RungId, RungId]>([other?.id ?? begin, begin])
  const [one, two] = ids.map((id) => ways.find((way) => way.id === id))
  if (!one || !two) return null
  const choose = (at: 0 | 1, label: string) => (
    <SelectField
      label={label}
      value={ids[at]}
      onChange={(event) => {
        const id = event.currentTarget.value as RungId
        setIds(at === 0 ? [id, ids[1]] : [ids[0], id])
      }}
    >
      {ways.map(({ id, allowed }) => (
        <option key={id} value={id}>
          {words.names[id]}
          {allowed ? '' : ` (${words.closed})`}
        </option>
      ))}
    </SelectField>
  )
  return (
    <section className={styles.two} aria-label={words.two.title}>
      <div className={styles.pair}>
        <div>
          {choose(0, words.two.first)}
          {one.pot && <PotSection pot={one.pot} size="card" />}
        </div>
        <div>
          {choose(1, words.two.second)}
          {two.pot && <PotSection pot={two.pot} size="card" />}
        </div>
      </div>
      <table className={styles.apart}>
        <caption>{words.two.caption(words.names[two.id], words.names[one.id])}</caption>
        <tbody>
          {waysApart(one, two).map(({ row, apart }) => (
            <tr key={row}>
              <th scope="row">{words.two.rows[row]}</th>
              <td>{apart === null ? words.two.unknown : apartText(row, apart, format)}</td>
              <td className={styles.quiet}>{fromTo(row, one, two, format)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

function apartText(row: ApartRow, apart: number, format: Format): string {
  const by = amountOf(row, Math.abs(apart), format)
  if (isSame(row, apart)) return words.two.same
  return apart > 0 ? words.two.more[row](by) : words.two.less[row](by)
}

/** Below what is shown. */
function isSame(row: ApartRow, apart: number): boolean {
  const least: Partial<Record<ApartRow, number>> = {
    air: 0.005,
    nitrogen: 0.005,
    ph: 0.05,
    ec: 0.05,
  }
  return Math.abs(apart) < (least[row] ?? 0.05)
}

function amountOf(row: ApartRow, value: number, format: Format): string {
  switch (row) {
    case 'air':
    case 'nitrogen':
      return format.number(value * 100)
    case 'cost':
      return format.money(value)
    case 'work':
      return format.minutes(value)
    case 'litres':
      return format.plain(format.litres(value))
    case 'kilos':
      return `${format.number(value)} kg`
    case 'planting':
    case 'innings':
      return format.number(value)
    case 'ec':
      return format.plain(format.conductivity(value))
    default:
      return format.number(value, 1)
  }
}

function fromTo(row: ApartRow, one: RungView, two: RungView, format: Format): string {
  const lacking = [...new Set([...one.unpricedNames, ...two.unpricedNames])]
  if (row === 'cost' && lacking.length > 0) return words.noPriceOf(lacking.join(', '))
  const figureOf = (way: RungView): string | null => {
    if (row === 'planting') return way.earliestPlanting && format.day(way.earliestPlanting)
    const value = FIGURES[row](way)
    if (value === null) return null
    const said = amountOf(row, value, format)
    return row === 'air' || row === 'nitrogen' ? `${said} %` : said
  }
  const [from, to] = [figureOf(one), figureOf(two)]
  return from === null || to === null ? '' : words.two.fromTo(from, to)
}
