import { MOST_LADDERS } from '../../../core/recondition'
import type { WaitingLot } from '../../../messages/recondition/turnover'
import { Button, LinkButton } from '../../../ui/Button'
import { FootBar } from '../../../ui/FootBar'
import type { Chosen } from '../../../ui/list/chosen'
import { useStanding } from '../../../ui/list/useStanding'
import { useSite } from '../../../ui/SiteContext'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'

/** What can be done with the lots that are ticked, once for all of them. */
export function ChosenLots({
  chosen,
  rows,
}: {
  readonly chosen: Chosen
  /** Of this page; others may be ticked as well. */
  readonly rows: readonly WaitingLot[]
}) {
  const { format } = useSite()
  const words = reconditionWords.list
  const standing = useStanding('GET /api/recondition/waiting', chosen, rows)
  const { ids } = chosen
  if (ids.length === 0) return null
  const litres = standing?.reduce((sum, { litres: own }) => sum + own, 0)
  const list = ids.join(',')
  return (
    <FootBar
      actions={
        <>
          <Button weight="quiet" onClick={chosen.chooseNone}>
            {words.chooseNone}
          </Button>
          {ids.length > 1 && (
            <LinkButton href={`/turnover/batches?lots=${list}`}>{words.intoHeap}</LinkButton>
          )}
          {ids.length <= MOST_LADDERS && (
            <LinkButton
              weight="main"
              href={ids.length === 1 ? `/turnover/new?lot=${list}` : `/turnover/plan?lots=${list}`}
            >
              {words.turnChosen(ids.length)}
            </LinkButton>
          )}
        </>
      }
    >
      <strong>{words.ticked(ids.length)}</strong>
      {litres !== undefined && `: ${format.plain(format.litres(litres))}`}
      {ids.length > MOST_LADDERS && `. ${words.tooMany(MOST_LADDERS)}`}
    </FootBar>
  )
}
