import type { ReactNode } from 'react'
import type { TurnoverOrder, TurnoverPage } from '../../../messages/recondition/turnover'
import type { Format } from '../../../ui/format'
import { ChoiceSentence } from '../../../ui/list/ChoiceSentence'
import { listAddress } from '../../../ui/list/listAddress'
import { Pager } from '../../../ui/list/Pager'
import { RowList } from '../../../ui/list/RowList'
import type { RowColumn } from '../../../ui/list/rowColumn'
import { useSite } from '../../../ui/SiteContext'
import { list as listWords } from '../../../ui/texts/list'
import { media as mediaWords } from '../../../ui/texts/media/media'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'
import { keptInAddress } from './keptInAddress'
import styles from './TurnoverScreen.module.css'

/** Work orders that are under way. */
export function OpenOrders({ page: { open, openTotal } }: { readonly page: TurnoverPage }) {
  const words = reconditionWords.list
  if (open.length === 0) return null
  return (
    <Orders title={words.under} orders={open}>
      {openTotal > open.length && <p>{words.newestOpen(open.length, openTotal)}</p>}
    </Orders>
  )
}

/** Work orders that were finished, found again by their lot. */
export function FinishedOrders({ page }: { readonly page: TurnoverPage }) {
  const { finished, finishedPart, asked } = page
  if (finished.length === 0 && !asked.finishedFind) return null
  return (
    <Orders
      id="finished"
      title={reconditionWords.list.finished}
      orders={finished}
      bar={<FinishedBar page={page} />}
      none={
        <>
          {listWords.nothing}{' '}
          <a href={listAddress('/turnover', { ...asked, finishedFind: undefined })}>
            {listWords.showAll}
          </a>
        </>
      }
    >
      <Pager
        part={finishedPart}
        addressOf={(to) => `${listAddress('/turnover', { ...asked, finished: to })}#finished`}
      />
    </Orders>
  )
}

function FinishedBar({ page: { asked, finishedPart } }: { page: TurnoverPage }) {
  const words = reconditionWords.list
  const { finished: _first, finishedFind = '', finishedOrder = '', ...rest } = asked
  if (!finishedFind && finishedPart.total <= finishedPart.pageRows) return null
  return (
    <ChoiceSentence
      path="/turnover#finished"
      label={words.findFinished}
      hint={words.findFinishedHint}
      name="finishedFind"
      find={finishedFind}
      keep={keptInAddress(rest)}
      says={words.orderCount(finishedPart.total)}
      choices={[
        {
          name: 'finishedOrder',
          label: listWords.sort,
          value: finishedOrder,
          options: [
            { value: '', name: listWords.newest },
            { value: 'oldest', name: listWords.oldest },
            { value: 'name', name: words.byLot, says: listWords.by(words.byLot) },
          ],
        },
      ]}
    />
  )
}

function Orders({
  id,
  title,
  orders,
  bar,
  none,
  children,
}: {
  id?: string
  title: string
  orders: readonly TurnoverOrder[]
  bar?: ReactNode
  /** Where none fits what was asked. */
  none?: ReactNode
  children?: ReactNode
}) {
  const { format } = useSite()
  return (
    <section className={styles.section} id={id}>
      <h2>{title}</h2>
      {bar}
      {orders.length === 0 ? (
        <p>{none}</p>
      ) : (
        <RowList
          label={title}
          rows={orders}
          columns={orderColumns(format)}
          idOf={({ id: order }) => order}
          addressOf={({ id: order }) => `/turnover/orders/${order}`}
        />
      )}
      {children}
    </section>
  )
}

function orderColumns(format: Format): readonly RowColumn<TurnoverOrder>[] {
  const words = reconditionWords.list
  return [
    {
      id: 'lot',
      head: mediaWords.columns.lot,
      kind: 'name',
      cell: ({ lotName }) => lotName,
      below: ({ lotId, cropName }) => `${mediaWords.lotNumber(lotId)} · ${words.planted(cropName)}`,
    },
    {
      id: 'steps',
      head: words.stepsDone,
      kind: 'words',
      cell: ({ done, steps }) => words.progress(done, steps),
    },
    {
      id: 'when',
      head: words.when,
      kind: 'state',
      cell: ({ finishedOn, readyOn }) =>
        finishedOn ? words.finishedOn(format.day(finishedOn)) : words.readyOn(format.day(readyOn)),
    },
  ]
}
