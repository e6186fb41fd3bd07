import type { Candidate } from '../../../messages/trials/candidateViews'
import type { Format } from '../../../ui/format'
import { candidates as words } from '../../../ui/texts/mixes/candidates'
import { findingText } from '../../media/findingText'
import { costOf } from './candidateFacts'
import { type RowMaker, type SheetCell, type SheetRow, sentence } from './sheet'

/** What it costs and is made of, and how a lot stands. */
export function whatRows(format: Format, row: RowMaker): SheetRow[] {
  return [
    ...row('cost', words.rows.cost, (one) => costCell(one, format)),
    ...row('parts', words.rows.parts, (one) => partsCell(one, format)),
    ...row('state', words.rows.state, ({ finding }) =>
      finding ? sentence(findingText(finding, format)) : null,
    ),
  ]
}

function costCell(candidate: Candidate, format: Format): SheetCell {
  const { cost, kind, address, name } = candidate
  const fact = costOf(candidate)
  if (!fact) {
    const why = cost.missing.length > 0 ? words.noPrice(cost.missing.join(', ')) : words.partPrice
    return { ...sentence(words.unknown), notes: [why] }
  }
  const amount = { number: format.money(fact.value), unit: '' }
  return kind === 'lot'
    ? {
        amount,
        notes: [],
        ...(address ? { origin: { name: words.ledger(name), href: address } } : {}),
      }
    : { amount, notes: [], why: 'cost' }
}

function partsCell({ strata }: Candidate, format: Format): SheetCell | null {
  if (strata.length === 0) return sentence(words.none)
  if (strata.length === 1) return sentence(strata[0]?.name ?? '')
  return {
    amount: null,
    notes: [...strata]
      .sort((a, b) => b.share - a.share)
      .map(({ name, share }) => `${format.plain(format.percent(share))} ${name}`),
  }
}
