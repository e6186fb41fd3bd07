import type { TurnoverQuery } from '../../../messages/recondition/turnover'
import { listAddress } from '../../../ui/list/listAddress'

/** What an address carries on; its first page and what is empty go without saying. */
export function keptInAddress(asked: Partial<TurnoverQuery>): Readonly<Record<string, string>> {
  return Object.fromEntries(new URLSearchParams(listAddress('', { ...asked }).slice(1)))
}
