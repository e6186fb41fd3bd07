import { useMemo } from 'react'
import type { DesignQuestion, DesignRemark, Findable } from '../../../core/trials'
import type { LessonView } from '../../../messages/trials/trialViews'
import { Notice } from '../../../ui/Notice'
import { useSite } from '../../../ui/SiteContext'
import { trialDesign as words } from '../../../ui/texts/trials/trialDesign'
import { useCore } from '../../../workers/useCore'
import styles from './DesignPanel.module.css'
import { DesignPower, type GardenSpreads } from './DesignPower'

const SHOWN = 0.05
const PERCENT = 100

/** Whether there is anything to find. */
function simulates(found: Findable): boolean {
  switch (found.by) {
    case 'means':
    case 'signs':
      return found.smallestP < SHOWN
    case 'counts':
      return found.counts.share !== null
    case 'few-trays':
    case 'nothing':
      return false
  }
}

/** What the smooth formula says at once, percent; null where there is none. */
function aboutOf(found: Findable): number | null {
  return found.by === 'means' ? found.differencePercent : null
}

/** What a design can find, what more pots would buy, and what to think over before it is planted. */
export function DesignPanel({
  question,
  spreads = {},
  remarks = [],
  lessons = [],
}: {
  readonly question: DesignQuestion | null
  /** From block to block and from tray to tray, as trials of this garden found them. */
  readonly spreads?: GardenSpreads
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
      {shown && asked && simulates(shown) && (
        <DesignPower design={asked} about={aboutOf(shown)} spreads={spreads} />
      )}
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
      return <p>{words.nothing}</p>
    case 'few-trays':
      return <Notice tone="stop">{words.fewTrays}</Notice>
    case 'counts':
      return found.counts.share === null ? <Notice tone="stop">{words.noCounts}</Notice> : null
    case 'signs':
      return found.smallestP < SHOWN ? null : (
        <>
          <p>{words.signs(asked.crops, percent(found.smallestP * PERCENT))}</p>
          <Notice tone="act">{words.signsTooFew(found.cropsNeeded)}</Notice>
        </>
      )
    case 'means':
      return found.smallestP >= SHOWN ? (
        <Notice tone="stop">
          {asked.blocks && asked.treatments === 2 ? words.fewBlocks : words.tooSmall}
        </Notice>
      ) : null
  }
}
