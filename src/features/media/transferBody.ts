import type { HouseholdMeasures } from '../../core/units'
import type { MoveBody, TransferBody } from '../../messages/media/transfers'
import { readQuantity } from '../../ui/readQuantity'

/** The form as typed. */
export interface TransferValues {
  where: 'lot' | 'pots' | 'store'
  /** Empty: all of it. */
  litres: string
  find: string
  lotId: string
  pots: string[]
  name: string
  storeBin: string
  note: string
  despite: string
}

export const TRANSFER_DEFAULTS: TransferValues = {
  where: 'lot',
  litres: '',
  find: '',
  lotId: '',
  pots: [],
  name: '',
  storeBin: '',
  note: '',
  despite: '',
}

export type TransferRequest =
  | { readonly kind: 'transfer'; readonly body: TransferBody }
  /** All of it to another place: it stays the same lot. */
  | { readonly kind: 'move'; readonly body: MoveBody }

/**
 * What is asked of the server. null where the litres cannot be read.
 * @param lotName the name a part gets where none was given
 */
export function transferRequest(
  values: TransferValues,
  lotName: string,
  measures: HouseholdMeasures,
): TransferRequest | null {
  const { where, litres, lotId, name, storeBin, note, despite } = values
  const amount = readQuantity(litres, 'volume', measures)
  if (amount.problem) return null
  const containerIds = where === 'pots' ? values.pots.map(Number) : []
  if (where !== 'lot' && amount.value === null) {
    return { kind: 'move', body: { containerIds, storeBin: where === 'store' ? storeBin : '' } }
  }
  return {
    kind: 'transfer',
    body: {
      litres: amount.value,
      to:
        where === 'lot'
          ? { kind: 'lot', lotId: Number(lotId) }
          : {
              kind: 'new',
              name: name.trim() || `${lotName}, part`,
              containerIds,
              storeBin: where === 'store' ? storeBin : '',
            },
      note,
      despite,
    },
  }
}
