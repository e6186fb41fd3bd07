import type { LotOrder as LotColumnOrder } from '../../data/media'
import type { LotOrder } from '../../messages/media/lots'

/** An order as an address says it, as the tables are asked for it. */
export function lotOrderOf(order: LotOrder | undefined): {
  readonly order?: LotColumnOrder
  readonly descending?: boolean
} {
  if (!order) return {}
  const [column, turn] = order.split('.') as [LotColumnOrder, 'down'?]
  return { order: column, descending: turn === 'down' }
}
