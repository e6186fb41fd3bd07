import type { AuditPage } from '../../messages/media/audit'
import type { SiteView } from '../../messages/site/site'
import { Notice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { Sideways } from '../../ui/Sideways'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { common as commonWords } from '../../ui/texts/common'
import { media as mediaWords } from '../../ui/texts/media/media'
import { audit as words } from '../../ui/texts/media/transfers'
import styles from './AuditScreen.module.css'

/** Less than this is the rounding of sums, L. */
const ROUNDING_L = 1e-6

/** Every litre that ever came in: where it went, and that none is missing. */
export default function AuditScreen({
  page,
  site,
}: {
  readonly page: AuditPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site} isStill>
      <Audit page={page} />
    </SiteProvider>
  )
}

function Audit({ page }: { readonly page: AuditPage }) {
  const { format } = useSite()
  const litres = (value: number) => format.plain(format.litres(value))
  const there = page.inUseLitres + page.putAwayLitres
  const isBalanced = Math.abs(page.unaccountedLitres) <= ROUNDING_L && page.unbalanced.length === 0
  const came = page.rows
    .filter(({ litres: sum }) => sum > 0)
    .reduce((sum, row) => sum + row.litres, 0)
  return (
    <>
      <PageHead title={words.title} />
      <Notice tone={isBalanced ? 'ok' : 'stop'}>
        {isBalanced
          ? words.balanced(litres(came), litres(there), litres(came - there))
          : words.unbalanced(litres(Math.abs(page.unaccountedLitres)))}
      </Notice>
      <Sums page={page} />
      {page.unbalanced.length > 0 && (
        <section aria-labelledby="by-lot" className={styles.part}>
          <h2 id="by-lot">{words.byLot}</h2>
          <table className={styles.table}>
            <tbody>
              {page.unbalanced.map(({ lotId, name, byEntries, byMaterials }) => (
                <tr key={lotId}>
                  <th scope="row">
                    <a href={`/lots/${lotId}`}>{name}</a>
                  </th>
                  <td>
                    {words.byEntries} {litres(byEntries)}
                  </td>
                  <td>
                    {words.byMaterials} {litres(byMaterials)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      <section aria-labelledby="from-lot-to-lot" className={styles.part}>
        <h2 id="from-lot-to-lot">{words.transfers}</h2>
        {page.transfers.length === 0 ? (
          <p className={styles.note}>{words.none}</p>
        ) : (
          <ul className={styles.flows}>
            {page.transfers.map((flow) => (
              <li key={flow.id}>
                <span className={styles.day}>{format.day(flow.on)}</span>
                <span className={styles.number}>{litres(flow.litres)}</span>
                <span>
                  <a href={`/lots/${flow.fromLotId}`}>{flow.fromName}</a> →{' '}
                  <a href={`/lots/${flow.toLotId}`}>{flow.toName}</a>
                  {flow.despite && (
                    <span className={styles.note}> · {words.despite(flow.despite)}</span>
                  )}
                </span>
              </li>
            ))}
          </ul>
        )}
      </section>
    </>
  )
}

function Sums({ page }: { readonly page: AuditPage }) {
  const { format } = useSite()
  const signed = (value: number) => {
    if (value === 0) return commonWords.none
    const sign = value > 0 ? '+' : '−'
    return `${sign}${format.plain(format.litres(Math.abs(value)))}`
  }
  const plain = (value: number) => format.plain(format.litres(value))
  const between = page.betweenByYear.reduce((sum, value) => sum + value, 0)
  return (
    <Sideways label={words.what}>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">{words.what}</th>
            {page.years.map((year) => (
              <th scope="col" key={year} className={styles.number}>
                {year}
              </th>
            ))}
            <th scope="col" className={styles.number}>
              {words.total}
            </th>
          </tr>
        </thead>
        <tbody>
          {page.rows.map(({ kind, byYear, litres }) => (
            <tr key={kind}>
              <th scope="row">{mediaWords.ledgerKinds[kind]}</th>
              {byYear.map((value, index) => (
                <td key={page.years[index]} className={styles.number}>
                  {signed(value)}
                </td>
              ))}
              <td className={styles.number}>{signed(litres)}</td>
            </tr>
          ))}
          {between > 0 && (
            <tr className={styles.between}>
              <th scope="row">{words.between}</th>
              {page.betweenByYear.map((value, index) => (
                <td key={page.years[index]} className={styles.number}>
                  {value === 0 ? commonWords.none : plain(value)}
                </td>
              ))}
              <td className={styles.number}>{plain(between)}</td>
            </tr>
          )}
        </tbody>
        <tfoot>
          {page.putAwayLitres > 0 && (
            <tr>
              <th scope="row" colSpan={page.years.length + 1}>
                {words.putAway}
              </th>
              <td className={styles.number}>{plain(page.putAwayLitres)}</td>
            </tr>
          )}
          <tr>
            <th scope="row" colSpan={page.years.length + 1}>
              {words.there}
            </th>
            <td className={styles.number}>{plain(page.inUseLitres)}</td>
          </tr>
        </tfoot>
      </table>
    </Sideways>
  )
}
