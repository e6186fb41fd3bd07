import { findLotPage } from '../../data/media'
import { listWorkOrders, type OrderRow } from '../../data/recondition'
import { readSite } from '../../data/site'
import {
  type TurnoverPage,
  type TurnoverQuery,
  WAITING_STATES,
  type WaitingLot,
} from '../../messages/recondition/turnover'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { partOf } from '../listPart'
import { type CardFacts, lotOrderOf, lotRow, readCardFacts } from '../lots'
import { readTables } from '../tables'
import { byWaitingGroup, waitingGroup } from './waitingGroup'

const WAITING_ROWS = 30
const ORDER_ROWS = 20
/** The newest of them; how many there are is told. */
const MOST_OPEN = 100

/** What is under way, which lots wait and what was finished, each list by the part asked for. */
export async function turnoverPage(
  db: OpenDatabase,
  {
    find = '',
    order,
    page,
    finished: finishedPage,
    finishedFind = '',
    finishedOrder,
  }: TurnoverQuery = {},
): Promise<TurnoverPage> {
  const { timeZone } = await readSite(db)
  const tables = await readTables(db, timeZone)
  const waiting = await partOf(
    page,
    (at) => findLotPage(db, { find, states: WAITING_STATES, ...lotOrderOf(order), ...at }),
    WAITING_ROWS,
  )
  const facts = await readCardFacts(db, tables, waiting.ids)
  const open = await listWorkOrders(db, 'open', { offset: 0, limit: MOST_OPEN })
  const finished = await partOf(
    finishedPage,
    (at) =>
      listWorkOrders(db, 'finished', {
        find: finishedFind,
        ...(finishedOrder ? { order: finishedOrder } : {}),
        ...at,
      }),
    ORDER_ROWS,
  )
  const view = (order: OrderRow) => ({
    id: order.id,
    lotId: order.lotId,
    lotName: order.lotName,
    cropName: tables.crops.get(order.cropId)?.name ?? order.cropId,
    done: order.stepsDone,
    steps: order.steps,
    readyOn: order.readyOn,
    finishedOn: order.finishedAt ? dayAt(timeZone, order.finishedAt) : null,
  })
  return {
    asked: {
      find,
      page: waiting.part.page,
      finished: finished.part.page,
      finishedFind,
      ...(order ? { order } : {}),
      ...(finishedOrder ? { finishedOrder } : {}),
    },
    open: open.rows.map(view),
    openTotal: open.total,
    finished: finished.rows.map(view),
    finishedPart: finished.part,
    waiting: byWaitingGroup(facts.flatMap((one) => waitingLot(lotRow(one, tables, null), one))),
    waitingPart: waiting.part,
  }
}

function waitingLot(row: ReturnType<typeof lotRow>, { triage }: CardFacts): WaitingLot[] {
  const { id, name, litres, where, strata, innings, state, finding } = row
  if (state !== 'act' && state !== 'turn-over' && state !== 'store') return []
  return [
    {
      id,
      name,
      litres,
      where,
      strata,
      innings,
      group: waitingGroup(state, triage),
      finding,
      triage: triage && {
        verdict: triage.verdict,
        hold: triage.hold,
        overridden: triage.overridden,
      },
    },
  ]
}
