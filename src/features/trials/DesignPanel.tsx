import { useMemo } from 'react'
import type { DesignQuestion, DesignRemark, Findable } from '../../core/trials'
import type { LessonView } from '../../messages/trials/trials'
import { Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { trialDesign as words } from '../../ui/texts/trialDesign'
import { useCore } from '../../workers/useCore'
import styles from './DesignPanel.module.css'

const SHOWN = 0.05
const ONLY_LARGE = 50
const PERCENT = 100

/** What a design can find, what more pots would buy, and what to think over before it is planted. */
export function DesignPanel({
  question,
  remarks = [],
  lessons = [],
}: {
  readonly question: DesignQuestion | null
  readonly remarks?: readonly DesignRemark[]
  readonly lessons?: readonly LessonView[]
}) {
  const key = JSON.stringify(question)
  const asked = useMemo(() => JSON.parse(key) as DesignQuestion | null, [key])
  const { answer, refusal } = useCore('trial-design', 'trialDesign', asked)
  const shown = asked ? answer : null
  return (
    <aside className={styles.panel} aria-labelledby="findable">
      <h2 id="findable">{words.head}</h2>
      <div aria-live="polite" className={styles.body}>
        {refusal && <Notice tone="stop">{refusal}</Notice>}
        {!asked && <p>{words.nothingYet}</p>}
        {shown && asked && <Found asked={asked} found={shown} />}
      </div>
      {remarks.length > 0 && (
        <>
          <h3>{words.remarksHead}</h3>
          <ul className={styles.remarks}>
            {remarks.map((one) => (
              <li key={JSON.stringify(one)}>
                <Notice tone="act">{words.remark(one)}</Notice>
              </li>
            ))}
          </ul>
        </>
      )}
      {lessons.length > 0 && (
        <>
          <h3>{words.lessons}</h3>
          <ul className={styles.lessons}>
            {lessons.map((one) => (
              <li key={one.id}>
                <a href={`/trials/${one.id}`}>{one.name}</a>
                <p>{one.lessons}</p>
              </li>
            ))}
          </ul>
        </>
      )}
    </aside>
  )
}

function Found({ asked, found }: { readonly asked: DesignQuestion; readonly found: Findable }) {
  const { format } = useSite()
  const percent = (share: number) => format.plain(format.percent(share / PERCENT))
  switch (found.by) {
    case 'nothing':
      return <p>{asked.kind === 'jar' ? words.jar : words.nothing}</p>
    case 'counts':
      return <Counts asked={asked} counts={found.counts} />
    case 'signs': {
      const tells = found.smallestP < SHOWN
      return (
        <>
          <p>{words.signs(asked.crops, percent(found.smallestP * PERCENT))}</p>
          <Notice tone={tells ? 'ok' : 'act'}>
            {tells ? words.signsEnough : words.signsTooFew(found.cropsNeeded)}
          </Notice>
          <Why lines={[words.whySigns]} />
        </>
      )
    }
    case 'means':
      return (
        <>
          <p>
            <strong>
              {words.means(percent(found.differencePercent), asked.pots, format.number(asked.cv))}
            </strong>
          </p>
          {found.smallestP >= SHOWN ? (
            <Notice tone="stop">{words.tooSmall}</Notice>
          ) : (
            found.differencePercent > ONLY_LARGE && <Notice tone="act">{words.onlyLarge}</Notice>
          )}
          <p>{found.potsFor20 === null ? words.neverFor20 : words.potsFor20(found.potsFor20)}</p>
          {found.more.length > 0 && (
            <table className={styles.more}>
              <caption>{words.table}</caption>
              <thead>
                <tr>
                  <th scope="col">{words.pots}</th>
                  <th scope="col">{words.difference}</th>
                </tr>
              </thead>
              <tbody>
                <tr aria-current="true">
                  <td>
                    {asked.pots} <small>{words.now}</small>
                  </td>
                  <td>{percent(found.differencePercent)}</td>
                </tr>
                {found.more.map(({ pots, differencePercent }) => (
                  <tr key={pots}>
                    <td>{pots}</td>
                    <td>{percent(differencePercent)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          {found.counts && <p className={styles.quiet}>{words.seedsOfATray}</p>}
          <Why lines={[words.whyMeans, words.whyCv(format.number(asked.cv))]} />
        </>
      )
  }
}

function Counts({
  asked,
  counts,
}: {
  readonly asked: DesignQuestion
  readonly counts: Extract<Findable, { by: 'counts' }>['counts']
}) {
  const { format } = useSite()
  if (counts.share === null) return <Notice tone="stop">{words.noCounts}</Notice>
  return (
    <>
      <p>
        <strong>
          {words.counts(
            format.plain(format.percent(counts.share)),
            format.plain(format.percent(asked.controlShare)),
          )}
        </strong>
      </p>
      <p className={styles.quiet}>{words.seedsOfATray}</p>
      <Why lines={[words.whyCounts]} />
    </>
  )
}

function Why({ lines }: { readonly lines: readonly string[] }) {
  return (
    <details className={styles.why}>
      <summary>{words.why}</summary>
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
    </details>
  )
}
