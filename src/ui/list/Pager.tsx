import type { ListPart } from '../../messages/list'
import { useSite } from '../SiteContext'
import { list as listWords } from '../texts/list'
import styles from './List.module.css'

/** Which part of a list this is, and the ways to the next ones; nothing where all of it is here. */
export function Pager({
  part: { page, pageRows, total },
  addressOf,
}: {
  readonly part: ListPart
  readonly addressOf: (page: number) => string
}) {
  const { format } = useSite()
  const pages = Math.ceil(total / pageRows)
  if (pages <= 1) return null
  const from = (page - 1) * pageRows + 1
  const to = Math.min(total, page * pageRows)
  return (
    <nav className={styles.pager} aria-label={listWords.pages}>
      {page > 1 && (
        <>
          <a href={addressOf(1)}>{listWords.first}</a>
          <a href={addressOf(page - 1)} rel="prev">
            {listWords.before}
          </a>
        </>
      )}
      <span>{listWords.range(format.number(from), format.number(to), format.number(total))}</span>
      {page < pages && (
        <>
          <a href={addressOf(page + 1)} rel="next">
            {listWords.next}
          </a>
          <a href={addressOf(pages)}>{listWords.last}</a>
        </>
      )}
    </nav>
  )
}
