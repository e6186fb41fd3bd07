import type { MeasureView, ResultsPage } from '../../../messages/trials/resultViews'
import type { Format } from '../../../ui/format'
import { Sideways } from '../../../ui/Sideways'
import { useSite } from '../../../ui/SiteContext'
import { trialResults as words } from '../../../ui/texts/trials/trialResults'
import styles from './Results.module.css'
import { pText, type Said, saidOf, survivalSaid, valueText } from './resultText'

interface Row {
  readonly name: string
  /** Leads to its picture; null where there is none. */
  readonly address: string | null
  readonly isShown: boolean
  readonly cells: readonly string[]
  readonly said: readonly Said[]
  /** p by treatment over all that was also seen; null: it decides. */
  readonly also: readonly (number | null)[] | null
}

/** One row for every measure of the check: what each treatment came to, and what may be said of it. */
export function ResultsTable({ page }: { readonly page: ResultsPage }) {
  const { format } = useSite()
  const rows = rowsOf(page, format)
  return (
    <section aria-labelledby="everything" className={styles.part}>
      <h2 id="everything">{words.table.head}</h2>
      <Sideways label={words.table.head}>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">{words.table.measure}</th>
              {page.treatments.map(({ number, name }) => (
                <th key={number} scope="col">
                  {name}
                  {number === 0 && <small> {words.dots.control}</small>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ name, address, isShown, cells, said, also }) => (
              <tr key={name} aria-current={isShown ? 'true' : undefined}>
                <th scope="row">
                  {address ? (
                    <a href={address} aria-label={words.table.show(name)}>
                      {name}
                    </a>
                  ) : (
                    name
                  )}
                </th>
                {cells.map((cell, number) => {
                  const one = said.find(({ treatment }) => treatment === number)
                  return (
                    <td key={number}>
                      {cell}
                      {one?.verdict && page.closedOn && (
                        <small data-verdict={one.verdict}>{words.verdicts[one.verdict]}</small>
                      )}
                      {number > 0 && also?.[number - 1] != null && page.closedOn && (
                        <small>{pText(also[number - 1] as number, format)}</small>
                      )}
                    </td>
                  )
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </Sideways>
      {page.closedOn && page.alsoCount > 0 && (
        <p className={styles.quiet}>{words.also.hint(page.alsoCount)}</p>
      )}
    </section>
  )
}

function rowsOf(page: ResultsPage, format: Format): Row[] {
  const rows = page.results.map(
    (view): Row => ({
      name: words.measures[view.measure],
      address: `/trials/${page.trialId}/results?measure=${view.measure}&day=${page.day}`,
      isShown: view.measure === page.measure,
      cells: cellsOf(view, page, format),
      said: saidOf(view, page, format),
      also: view.also,
    }),
  )
  const { survival } = page
  if (!survival) return rows
  return [
    ...rows,
    {
      name: words.survival,
      address: null,
      isShown: false,
      cells: survival.groups.map(({ count, total }) => words.dots.ofTotal(count, total)),
      said: survivalSaid(survival, page, format),
      also: survival.also,
    },
  ]
}

function cellsOf(view: MeasureView, page: ResultsPage, format: Format): string[] {
  switch (view.by) {
    case 'means':
      return view.groups.groups.map(({ description }) =>
        description
          ? valueText(description.mean, view.measure, view.isShare, format)
          : words.dots.noValue,
      )
    case 'counts':
      return view.counts.groups.map(({ count, total }) => words.dots.ofTotal(count, total))
    case 'sides':
      return page.treatments.map(({ number }) => {
        const side = view.sides.find(({ treatment }) => treatment === number)
        return side ? `${side.result.wins} : ${side.result.losses}` : ''
      })
  }
}
