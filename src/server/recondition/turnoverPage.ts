import type { LotState } from '../../core/media'
import { findLotPage } from '../../data/media'
import { listWorkOrders, type OrderRow } from '../../data/recondition'
import { readSite } from '../../data/site'
import type {
  TurnoverPage,
  TurnoverQuery,
  WaitingGroup,
  WaitingLot,
} from '../../messages/recondition/turnover'
import { dayAt } from '../clock'
import type { OpenDatabase } from '../database'
import { partOf } from '../listPart'
import { type CardFacts, lotOrderOf, lotRow, readCardFacts } from '../lots'
import { readTables } from '../tables'

const WAITING_STATES = ['act', 'turn-over', 'store'] as const satisfies readonly LotState[]
const REASONS = { act: 'air-short', 'turn-over': 'season-over', store: 'in-store' } as const
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
    waiting: byGroup(facts.flatMap((one) => waitingLot(lotRow(one, tables, null), one))),
    waitingPart: waiting.part,
  }
}

function waitingLot(row: ReturnType<typeof lotRow>, { triage }: CardFacts): WaitingLot[] {
  const { id, name, litres, where, strata, innings, state, finding } = row
  if (state !== 'act' && state !== 'turn-over' && state !== 'store') return []
  return [
    {
      lotId: id,
      lotName: name,
      litres,
      where,
      strata,
      innings,
      reason: REASONS[state],
      group: groupOf(state, triage),
      finding,
      triage: triage && {
        verdict: triage.verdict,
        hold: triage.hold,
        overridden: triage.overridden,
      },
    },
  ]
}

const GROUPS = ['ready', 'treat', 'store', 'growing'] as const satisfies readonly WaitingGroup[]

/** What was found in it stands in the way before anything else does. */
function groupOf(state: keyof typeof REASONS, triage: CardFacts['triage']): WaitingGroup {
  if (state === 'act') return 'growing'
  if (triage && (triage.hold || (triage.verdict !== 'reuse' && !triage.overridden))) return 'treat'
  return state === 'store' ? 'store' : 'ready'
}

/** Lots of one page in the order asked for, those with the same in their way together. */
function byGroup(lots: readonly WaitingLot[]): readonly WaitingLot[] {
  return GROUPS.flatMap((group) => lots.filter((lot) => lot.group === group))
}
