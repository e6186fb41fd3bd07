import type { TriageStory } from '../../messages/media/found'
import { Button } from '../../ui/Button'
import { useSite } from '../../ui/SiteContext'
import { findings as words } from '../../ui/texts/media/findings'
import { treatments as doneWords } from '../../ui/texts/media/treatments'
import { rotationGroupName } from '../../ui/texts/recondition/rotationGroups'
import styles from './Found.module.css'

type Done = TriageStory['treatments'][number]

/** What was done with a lot and decided of it, and what changed by it. */
export function LotStory({
  story,
  onTakeBack,
  onEnd,
}: {
  readonly story: TriageStory
  readonly onTakeBack: (done: Done) => void
  readonly onEnd: (done: Done) => void
}) {
  const { format, site } = useSite()
  const [latest] = story.changes
  const goesOn = ({ kind, endedOn, until }: Done) =>
    endedOn === null && (kind === 'rest' || (kind === 'quarantine' && (until ?? '') > site.today))
  return (
    <>
      {latest && (
        <p className={styles.changed}>
          <strong>{doneWords.changed(format.day(latest.on))}</strong>{' '}
          {doneWords.fromTo(words.verdicts[latest.before], words.verdicts[latest.after])}{' '}
          {causeText(latest)}
          {latest.freed.length > 0 && ` ${doneWords.freed(namesOf(latest.freed))}`}
          {latest.barred.length > 0 && ` ${doneWords.barred(namesOf(latest.barred))}`}
        </p>
      )}
      {story.treatments.length > 0 && (
        <ul className={styles.list} aria-label={doneWords.list}>
          {story.treatments.map((done) => (
            <li key={done.id}>
              <span className={styles.mark} aria-hidden="true">
                ✓
              </span>
              <span>
                {doneText(done, (cm) => format.plain(format.cm(cm)))}
                {done.until && ` ${doneWords.until(format.day(done.until))}`}
                {done.endedOn && `, ${doneWords.ended(format.day(done.endedOn))}`}
                {done.note && ` – ${done.note}`}
              </span>
              <span className={styles.when}>
                {format.day(done.on)}{' '}
                {goesOn(done) && (
                  <Button
                    weight="quiet"
                    data-needs="manage"
                    aria-label={doneWords.endOf(doneWords.kinds[done.kind])}
                    onClick={() => onEnd(done)}
                  >
                    {doneWords.end}
                  </Button>
                )}{' '}
                <Button
                  weight="quiet"
                  data-needs="manage"
                  aria-label={words.takeBackOf(doneWords.kinds[done.kind])}
                  onClick={() => onTakeBack(done)}
                >
                  {words.takeBack}
                </Button>
              </span>
            </li>
          ))}
        </ul>
      )}
    </>
  )
}

function namesOf(groups: readonly string[]): string {
  return groups.map(rotationGroupName).join(', ')
}

function causeText({ because, problemName }: TriageStory['changes'][number]): string {
  switch (because.kind) {
    case 'found':
      return doneWords.because.found(problemName ?? '')
    case 'done':
      return doneWords.because.done(doneWords.kinds[because.treatment])
    case 'test':
      return doneWords.because.test
    case 'time':
      return doneWords.because.time
  }
}

export function doneText({ kind, skimCm }: Done, cm: (value: number) => string): string {
  return kind === 'skim' && skimCm !== null ? doneWords.skimmed(cm(skimCm)) : doneWords.kinds[kind]
}
