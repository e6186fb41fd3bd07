import type { LostRowsView } from '../../messages/site/site'
import { Notice } from '../Notice'
import { site as words } from '../texts/site'

/** At the head of every page of a manager: the garden holds less than its newest copy. */
export default function LostRowsNotice({
  lost: { copy, tables },
}: {
  readonly lost: LostRowsView
}) {
  return (
    <Notice tone="stop">
      {words.lostRows(copy)}{' '}
      {tables.map(({ table, now, before }) => words.rowsOf(table, now, before)).join(', ')}.{' '}
      {words.putBack} <code>npm run restore -- {copy}</code>
    </Notice>
  )
}
