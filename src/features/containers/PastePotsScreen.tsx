import { useEffect, useState } from 'react'
import type { PastedRow, PastedTable } from '../../messages/containers/pastedPots'
import type { SiteView } from '../../messages/site/site'
import { Button } from '../../ui/Button'
import { Notice, ProblemNotice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { Sideways } from '../../ui/Sideways'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { manyPots as words } from '../../ui/texts/containers/manyPots'
import { media as mediaWords } from '../../ui/texts/media/media'
import { showToastOnNextPage } from '../../ui/toast'
import { useReady } from '../../ui/useReady'
import { useSend } from '../../ui/useSend'
import styles from './PastePots.module.css'

const DRAFT = 'draft/pasted-pots'

/** Many pots from a table of a spreadsheet: looked at row by row before any is made. */
export default function PastePotsScreen({ site }: { readonly site: SiteView }) {
  return (
    <SiteProvider site={site}>
      <PastePots />
    </SiteProvider>
  )
}

function PastePots() {
  const { format } = useSite()
  const ready = useReady()
  const { problem, errorOf, isSending, deliver } = useSend()
  const [text, setText] = useState('')
  const [table, setTable] = useState<PastedTable | null>(null)
  // The server that rendered the page does not know what this browser kept.
  useEffect(() => setText(localStorage.getItem(DRAFT) ?? ''), [])
  const type = (typed: string) => {
    setText(typed)
    setTable(null)
    try {
      localStorage.setItem(DRAFT, typed)
    } catch {
      // A full store must not keep anyone from pasting.
    }
  }
  const send = (check: boolean) => deliver('POST /api/containers/pasted', { body: { text, check } })
  const look = async () => {
    const answer = await send(true)
    setTable(answer ? answer.data : null)
  }
  const take = async () => {
    const answer = await send(false)
    if (!answer) return
    if (answer.data.ids.length === 0) {
      // A code was given out meanwhile: the rows say which.
      setTable(answer.data)
      return
    }
    localStorage.removeItem(DRAFT)
    showToastOnNextPage({ text: words.made(answer.data.ids.length) })
    window.location.assign(rows.some(({ mix }) => mix !== null) ? '/lots' : '/pots?state=empty')
  }
  const rows = table?.rows ?? []
  const wrong = rows.filter(({ errors }) => errors.length > 0)
  const pots = rows.reduce((sum, { count }) => sum + count, 0)
  const litres = rows.reduce((sum, row) => sum + (row.litres ?? 0) * row.count, 0)
  const error = errorOf('text')
  return (
    <fieldset disabled={!ready} className={`plain ${styles.paste}`}>
      <PageHead title={words.pasteTitle} lead={words.pasteLead} />
      <label className={styles.area}>
        <span>{words.table}</span>
        <textarea
          rows={8}
          value={text}
          placeholder={words.example}
          spellCheck={false}
          aria-invalid={error !== undefined}
          onChange={(event) => type(event.target.value)}
        />
      </label>
      <ProblemNotice problem={problem} />
      <div className={styles.keys}>
        <Button
          weight={table && wrong.length === 0 ? 'plain' : 'main'}
          disabled={isSending || text.trim() === ''}
          onClick={() => void look()}
        >
          {words.look}
        </Button>
        {table && wrong.length === 0 && (
          <Button weight="main" disabled={isSending} onClick={() => void take()}>
            {words.take(pots)}
          </Button>
        )}
      </div>
      {table && (
        <>
          <Notice tone={wrong.length > 0 ? 'act' : 'ok'}>
            {wrong.length > 0
              ? words.wrong(wrong.length)
              : words.right(pots, format.plain(format.litres(litres)))}
            {table.passedOver.length > 0 && ` ${words.passedOver(table.passedOver.join(', '))}`}
          </Notice>
          <Preview rows={[...wrong, ...rows.filter(({ errors }) => errors.length === 0)]} />
        </>
      )}
    </fieldset>
  )
}

function Preview({ rows }: { readonly rows: readonly PastedRow[] }) {
  const { format } = useSite()
  return (
    <Sideways label={words.understood}>
      <table className={styles.pasted}>
        <thead>
          <tr>
            <th scope="col">{words.row}</th>
            <th scope="col">{words.heads.code}</th>
            <th scope="col">{words.heads.name}</th>
            <th scope="col">{words.heads.place}</th>
            <th scope="col">{words.heads.shape}</th>
            <th scope="col">{words.each}</th>
            <th scope="col">{words.heads.mix}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.line} data-wrong={row.errors.length > 0}>
              <td>{row.line}</td>
              <td>{row.code || words.nextCode}</td>
              <td>
                {row.name} {row.count > 1 && words.times(row.count)}
                {row.errors.map(({ column, message }) => (
                  <span key={column + message} className={styles.wrong}>
                    {words.inColumn(column, message)}
                  </span>
                ))}
                {row.assumed.map((what) => (
                  <span key={what} className={styles.assumed}>
                    {words.assumed[what]}
                  </span>
                ))}
              </td>
              <td>{row.place}</td>
              <td>{row.kind && mediaWords.create.shapes[row.kind]}</td>
              <td>{row.litres !== null && format.plain(format.litres(row.litres))}</td>
              <td>
                {row.mix ?? words.empty}
                {row.years !== null && (
                  <span className={styles.assumed}>
                    {words.servedYears(format.number(row.years))}
                  </span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Sideways>
  )
}
