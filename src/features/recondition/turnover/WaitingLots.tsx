import type { TurnoverPage, WaitingLot } from '../../../messages/recondition/turnover'
import { LinkButton } from '../../../ui/Button'
import type { Format } from '../../../ui/format'
import { ChoiceSentence } from '../../../ui/list/ChoiceSentence'
import { ChooseKey } from '../../../ui/list/ChooseKey'
import { useChosen } from '../../../ui/list/chosen'
import { listAddress } from '../../../ui/list/listAddress'
import { orderChoice } from '../../../ui/list/orderChoice'
import { Pager } from '../../../ui/list/Pager'
import { RowList } from '../../../ui/list/RowList'
import type { RowColumn } from '../../../ui/list/rowColumn'
import { InningsStrip } from '../../../ui/pictures/InningsStrip'
import { useSite } from '../../../ui/SiteContext'
import { list as listWords } from '../../../ui/texts/list'
import { manyFound as manyFoundWords } from '../../../ui/texts/media/manyFound'
import { media as mediaWords } from '../../../ui/texts/media/media'
import { batches as batchWords } from '../../../ui/texts/recondition/batches'
import { plan as planWords } from '../../../ui/texts/recondition/plan'
import { recondition as reconditionWords } from '../../../ui/texts/recondition/recondition'
import { verdictText } from '../../found/verdictText'
import { findingText } from '../../media/findingText'
import { litresColumn, lotColumn, sampleColumn } from '../../media/lotColumns'
import { ChosenLots } from './ChosenLots'
import { keptInAddress } from './keptInAddress'
import styles from './TurnoverScreen.module.css'

/** Lots that wait for their next innings, by what stands in their way; those ticked are turned over at once. */
export function WaitingLots({ page }: { page: TurnoverPage }) {
  const { format } = useSite()
  const words = reconditionWords.list
  const { asked, waiting, waitingPart } = page
  const { find: _find, order: _order, page: _page, ...others } = asked
  const isLong = asked.find || waitingPart.total > waitingPart.pageRows
  const chosen = useChosen('turnover')
  const columns = waitingColumns(format)
  return (
    <section className={styles.section} id="waiting">
      <div className={styles.head}>
        <h2>{words.waiting}</h2>
        <span className={styles.head}>
          <LinkButton href="/turnover/found">{manyFoundWords.many}</LinkButton>
          <LinkButton href="/turnover/batches">{batchWords.make}</LinkButton>
          <LinkButton href="/turnover/plan">{planWords.make}</LinkButton>
          <ChooseKey chosen={chosen} />
        </span>
      </div>
      {isLong && (
        <ChoiceSentence
          path="/turnover#waiting"
          label={mediaWords.findLots}
          hint={mediaWords.findHint}
          find={asked.find ?? ''}
          keep={keptInAddress(others)}
          says={mediaWords.lotCount(waitingPart.total, format.number(waitingPart.total))}
          choices={[orderChoice(columns, asked.order, mediaWords.byNumber)]}
        />
      )}
      {waiting.length === 0 &&
        (asked.find ? (
          <p>
            {listWords.nothing} <a href="/turnover">{listWords.showAll}</a>
          </p>
        ) : (
          <p>{words.nothing}</p>
        ))}
      {waiting.length > 0 && (
        <RowList
          label={words.waiting}
          rows={waiting}
          columns={columns}
          idOf={({ id }) => id}
          addressOf={({ id }) => `/turnover/new?lot=${id}`}
          groupOf={({ group }) => words.groups[group]}
          order={{
            asked: asked.order,
            addressOf: (order) =>
              `${listAddress('/turnover', { ...asked, page: 1, order })}#waiting`,
          }}
          chosen={{ ...chosen, nameOf: ({ name }) => words.choose(name) }}
        />
      )}
      <Pager
        part={waitingPart}
        addressOf={(to) => `${listAddress('/turnover', { ...asked, page: to })}#waiting`}
      />
      <ChosenLots chosen={chosen} rows={waiting} />
    </section>
  )
}

function waitingColumns(format: Format): readonly RowColumn<WaitingLot>[] {
  const words = reconditionWords.list
  return [
    sampleColumn,
    {
      ...lotColumn<WaitingLot>(({ id, where }) => `${mediaWords.lotNumber(id)} · ${where}`),
      order: 'name',
      linkName: ({ name }) => words.beginLot(name),
    },
    { ...litresColumn(format), order: 'litres' },
    {
      id: 'innings',
      head: mediaWords.columns.innings,
      kind: 'strip',
      order: 'innings',
      cell: ({ innings, group }) => (
        <InningsStrip innings={innings} nextOpen={group !== 'growing'} most={4} />
      ),
    },
    {
      id: 'why',
      head: words.wants,
      kind: 'words',
      cell: ({ finding, triage }) =>
        // What was found says itself what may become of it.
        [
          finding.kind === 'found' ? null : verdictText(triage, format),
          findingText(finding, format),
        ]
          .filter(Boolean)
          .join(' · '),
    },
  ]
}
