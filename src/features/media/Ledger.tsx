import { useState } from 'react'
import type { LedgerRow, LotPage } from '../../messages/media/lotViews'
import { Button } from '../../ui/Button'
import { ProblemNotice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { common as commonWords } from '../../ui/texts/common'
import { media as mediaWords } from '../../ui/texts/media/media'
import { transfers as transferWords } from '../../ui/texts/media/transfers'
import { useSend } from '../../ui/useSend'
import styles from './LotScreen.module.css'
import { EntryForm, TransferForm } from './lotForms'

/** Everything that happened to a lot, newest first, and a way to put a mistake right. */
export function Ledger({ page }: { page: LotPage }) {
  const words = mediaWords.page
  const [open, setOpen] = useState<'entry' | 'transfer' | null>(null)
  const close = () => setOpen(null)
  const { problem, deliver } = useSend()

  const reverse = async (entry: LedgerRow) => {
    const answer = await deliver('POST /api/media/lots/[id]/entries/[entryId]/reverse', {
      params: { id: page.id, entryId: entry.id },
      body: {},
    })
    if (answer) window.location.reload()
  }

  return (
    <section className={styles.ledger} aria-labelledby="ledger">
      <div className={styles.ledgerHead}>
        <div>
          <h2 id="ledger">{words.ledger}</h2>
          <p className={styles.note}>{words.ledgerNote}</p>
          <Cost page={page} />
        </div>
        {open === null && (
          <div className={styles.ledgerKeys} data-needs="manage">
            <Button onClick={() => setOpen('entry')}>{words.addEntry}</Button>
            {page.litres > 0 && (
              <Button onClick={() => setOpen('transfer')}>{transferWords.button}</Button>
            )}
          </div>
        )}
      </div>
      <ProblemNotice problem={problem} />
      {open === 'entry' && <EntryForm page={page} onClose={close} />}
      {open === 'transfer' && <TransferForm page={page} onClose={close} />}
      <table className={styles.lines}>
        <thead>
          <tr>
            <th>{words.on}</th>
            <th>{words.what}</th>
            <th className={styles.number}>{words.change}</th>
            <th className={styles.number}>{words.balance}</th>
            <th>
              <span className="visually-hidden">{words.reverse}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {page.ledger.map((entry) => (
            <Line key={entry.id} entry={entry} onReverse={() => reverse(entry)} />
          ))}
        </tbody>
      </table>
    </section>
  )
}

/** What stands in the lot cost, and what that is for each season it served. */
function Cost({ page: { cost, litres } }: { page: LotPage }) {
  const { format } = useSite()
  const words = mediaWords.page.cost
  if (!cost) return litres > 0 ? <p className={styles.note}>{words.none}</p> : null
  const { total, perLitre, innings, unknownLitres } = cost
  return (
    <p className={styles.note}>
      {words.told(format.money(total), format.money(perLitre))}
      {innings > 1 && `${words.perInnings(innings, format.money(perLitre / innings))}`}.
      {unknownLitres > 0 && ` ${words.unknown(format.plain(format.litres(unknownLitres)))}`}
    </p>
  )
}

function Line({ entry, onReverse }: { entry: LedgerRow; onReverse: () => void }) {
  const { format } = useSite()
  const words = mediaWords.page
  // A lot that was parted from another says so as well.
  const came = entry.kind === 'split' && entry.litres > 0
  const kind = mediaWords.ledgerKinds[came ? 'merged' : entry.kind]
  const day = format.day(entry.on)
  const sign = entry.litres > 0 ? '+' : entry.litres < 0 ? '−' : ''
  const { number, unit } = format.litres(Math.abs(entry.litres))
  return (
    <tr>
      <td>{day}</td>
      <td>
        <strong className={entry.reversed ? styles.gone : undefined}>{kind}</strong>
        {entry.reversed && ` (${words.wasReversed})`}
        {entry.otherLotId !== null && (
          <>
            {' · '}
            <a href={`/lots/${entry.otherLotId}`}>{words.otherLot(entry.otherLotId)}</a>
          </>
        )}
        {entry.workOrderId !== null && (
          <>
            {' · '}
            <a href={`/turnover/orders/${entry.workOrderId}`}>
              {words.fromOrder(entry.workOrderId)}
            </a>
          </>
        )}
        <span className={styles.note}>
          {' '}
          {entry.what
            .map(({ name, amount, unit: kindOfUnit }) => {
              const written = kindOfUnit === 'L' ? format.litres(amount) : format.grams(amount)
              return `${name} ${format.plain(written).replace('-', '−')}`
            })
            .join(', ')}
          {entry.note && ` — ${entry.note}`}
        </span>
      </td>
      <td className={styles.number} data-label={words.change}>
        {entry.litres === 0 ? commonWords.none : `${sign}${number} ${unit}`}
      </td>
      <td className={styles.number} data-label={words.balance}>
        {format.plain(format.litres(entry.balance))}
      </td>
      <td>
        {entry.canReverse && (
          <Button
            weight="quiet"
            data-needs="manage"
            aria-label={words.reverseOf(kind, day)}
            onClick={onReverse}
          >
            {words.reverse}
          </Button>
        )}
      </td>
    </tr>
  )
}
