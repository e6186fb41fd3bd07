import type { MeasureView, ResultsPage } from '../../../messages/trials/resultViews'
import type { Format } from '../../../ui/format'
import { useSite } from '../../../ui/SiteContext'
import { trialResults as words } from '../../../ui/texts/trials/trialResults'
import { type DotGroup, PotDots } from './PotDots'
import styles from './Results.module.css'
import { valueText } from './resultText'
import { SaveDots } from './SaveDots'

/** Every pot of every treatment by the measure that is shown. */
export function MeasureDots({
  page,
  view,
  isStill = false,
}: {
  readonly page: ResultsPage
  readonly view: MeasureView
  /** On paper: no way to other days. */
  readonly isStill?: boolean
}) {
  const { format } = useSite()
  const isShare = view.by === 'means' && view.isShare
  const write = (value: number) =>
    view.by === 'counts'
      ? `${format.number(value)} %`
      : valueText(value, view.measure, isShare, format)
  const tick = (value: number) =>
    view.by === 'counts' || isShare ? `${format.number(value)} %` : shortText(value, write)
  const title = words.dots.head(words.measures[view.measure], page.day)
  const isPercent = view.by === 'counts' || isShare
  return (
    <section aria-labelledby="dots" className={styles.part}>
      <h2 id="dots">{title}</h2>
      {!isStill && <Checks page={page} />}
      <p className={styles.quiet}>
        {view.by === 'counts'
          ? words.dots.hintCounts
          : view.by === 'sides'
            ? words.dots.hintSides
            : words.dots.hint}
      </p>
      {groupsOf(view, page, write, format).map(({ head, groups }) => (
        <div key={head}>
          {head && <h3>{head}</h3>}
          <PotDots groups={groups} write={tick} {...(isPercent ? { top: 100 } : {})} />
          {!isStill && (
            <SaveDots
              title={[page.name, title, head].filter(Boolean).join(', ')}
              groups={groups}
              write={tick}
              top={isPercent ? 100 : undefined}
            />
          )}
        </div>
      ))}
    </section>
  )
}

/** Other checks of the schedule. */
function Checks({ page }: { readonly page: ResultsPage }) {
  const seen = page.checks.filter(({ looked }) => looked > 0)
  if (seen.length < 2) return null
  return (
    <p className={styles.checks}>
      {words.day}{' '}
      {seen.map(({ day }) => (
        <a
          key={day}
          href={`/trials/${page.trialId}/results?measure=${page.measure}&day=${day}`}
          aria-current={day === page.day ? 'true' : undefined}
        >
          {words.dayOf(day)}
        </a>
      ))}
    </p>
  )
}

function groupsOf(
  view: MeasureView,
  page: ResultsPage,
  write: (value: number) => string,
  format: Format,
): { readonly head: string; readonly groups: readonly DotGroup[] }[] {
  const { treatments } = page
  switch (view.by) {
    case 'means':
      return [
        {
          head: '',
          groups: treatments.map(({ number, name, planted }): DotGroup => {
            const description = view.groups.groups[number]?.description
            const dots = page.pots.flatMap(({ treatment, value, code }) =>
              treatment === number && value !== null ? [{ key: code, value }] : [],
            )
            return {
              key: number,
              name,
              isControl: number === 0,
              note: words.dots.control,
              dots,
              mean: description?.mean ?? null,
              ci: description?.ci ?? null,
              label: description
                ? `${write(description.mean)} · ${words.dots.used(description.n, planted)}`
                : words.dots.noValue,
              says: words.dots.says(
                name,
                description ? write(description.mean) : words.dots.noValue,
              ),
            }
          }),
        },
      ]
    case 'counts':
      return [
        {
          head: '',
          groups: treatments.map(({ number, name }): DotGroup => {
            const counted = view.counts.groups[number]
            const percent = (share: number) => share * 100
            return {
              key: number,
              name,
              isControl: number === 0,
              note: words.dots.control,
              dots: [],
              mean: counted ? percent(counted.proportion) : null,
              ci: counted ? [percent(counted.ci[0]), percent(counted.ci[1])] : null,
              label: counted
                ? `${words.dots.ofTotal(counted.count, counted.total)} · ${format.plain(format.percent(counted.proportion))}`
                : words.dots.noValue,
              says: words.dots.says(
                name,
                counted ? words.dots.ofTotal(counted.count, counted.total) : words.dots.noValue,
              ),
            }
          }),
        },
      ]
    case 'sides':
      return view.sides.map(({ treatment, crops }) => ({
        head: `${treatments[treatment]?.name} · ${treatments[0]?.name}`,
        groups: crops.map(({ cropName, control, other }): DotGroup => {
          const text = (value: number | null) =>
            value === null ? words.dots.noValue : write(value)
          return {
            key: cropName,
            name: cropName,
            note: '',
            dots: [
              ...(control === null
                ? []
                : [{ key: treatments[0]?.name ?? '', value: control, isRing: true }]),
              ...(other === null ? [] : [{ key: treatments[treatment]?.name ?? '', value: other }]),
            ],
            mean: null,
            ci: null,
            label: words.against(text(other), text(control)),
            says: words.dots.saySides(cropName, text(control), text(other)),
          }
        }),
      }))
  }
}

/** Along the axis whole numbers need no digits behind the point. */
function shortText(value: number, write: (value: number) => string): string {
  return Number.isInteger(value) ? write(value).replace(/[.,]0(?=\D|$)/, '') : write(value)
}
