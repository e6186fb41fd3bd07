import { useEffect, useRef, useState } from 'react'
import type { SitePlace } from '../../messages/site/site'
import { Button } from '../../ui/Button'
import { Choice, SelectField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { site as words } from '../../ui/texts/site'
import { showToastOnNextPage } from '../../ui/toast'
import { useReady } from '../../ui/useReady'
import { useSend } from '../../ui/useSend'
import styles from './SitePlacePanel.module.css'

/**
 * Which days, times and growing year count here. A new garden shows it open, since it was taken from the computer; later
 * it folds away to its sentence.
 */
export default function SitePlacePanel({
  place,
  isNew,
}: {
  readonly place: SitePlace
  readonly isNew: boolean
}) {
  const sentence = words.says(place.timeZone, place.southern)
  if (!isNew) {
    return (
      <details className={styles.panel} data-needs="manage">
        <summary>{sentence}</summary>
        <PlaceFields place={place} />
      </details>
    )
  }
  return (
    <section data-needs="manage" className={styles.panel} aria-labelledby="site-place">
      <h2 id="site-place">{words.title}</h2>
      <p>
        {sentence} <span className={styles.quiet}>{words.guessed}</span>
      </p>
      <PlaceFields place={place} />
    </section>
  )
}

/** So long an entry of the list has to stand before it counts as chosen. */
const STOPPED_MS = 1_000

function PlaceFields({ place: kept }: { readonly place: SitePlace }) {
  const ready = useReady()
  const [place, setPlace] = useState(kept)
  // Arrow keys go through a list's entries one by one: what they stop at is chosen, not what they pass.
  const [pointed, setPointed] = useState(kept.timeZone)
  const { problem, deliver, isSending } = useSend()
  const browsers = ready ? Intl.DateTimeFormat().resolvedOptions().timeZone : place.timeZone

  const keep = async (change: Partial<SitePlace>) => {
    const next = { ...place, ...change }
    setPlace(next)
    const answer = await deliver('PUT /api/site/place', { body: next })
    if (!answer) return setPlace(kept)
    showToastOnNextPage({ text: words.kept(next.timeZone, next.southern) })
    window.location.reload()
  }

  const choose = useRef(keep)
  choose.current = keep
  useEffect(() => {
    if (pointed === place.timeZone) return
    const timer = setTimeout(() => void choose.current({ timeZone: pointed }), STOPPED_MS)
    return () => clearTimeout(timer)
  }, [pointed, place.timeZone])

  return (
    <fieldset disabled={!ready || isSending} className="plain">
      <ProblemNotice problem={problem} />
      {browsers !== place.timeZone && (
        <p className={styles.offer}>
          <Button onClick={() => void keep({ timeZone: browsers })}>
            {words.useBrowsers(browsers)}
          </Button>
        </p>
      )}
      <div className={styles.fields}>
        <SelectField
          label={words.zone}
          value={pointed}
          hint={pointed !== place.timeZone && words.saving(pointed)}
          onChange={(event) => setPointed(event.target.value)}
          onBlur={() => pointed !== place.timeZone && void keep({ timeZone: pointed })}
        >
          {(ready ? zonesWith(place.timeZone) : [place.timeZone]).map((zone) => (
            <option key={zone} value={zone}>
              {zone.replaceAll('_', ' ')}
            </option>
          ))}
        </SelectField>
        <Choice
          label={words.year}
          name="growing-year"
          options={[
            { value: 'north', label: words.northern, note: words.northernNote },
            { value: 'south', label: words.southern, note: words.southernNote },
          ]}
          isChosen={(value) => (value === 'south') === place.southern}
          onChange={(event) => void keep({ southern: event.target.value === 'south' })}
        />
      </div>
    </fieldset>
  )
}

function zonesWith(present: string): string[] {
  return [...new Set([...Intl.supportedValuesOf('timeZone'), 'UTC', present])].sort()
}
