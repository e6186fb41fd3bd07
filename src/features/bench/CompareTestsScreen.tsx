import type { CompareTestsPage, SampleChoice } from '../../messages/bench/benchViews'
import type { SiteView } from '../../messages/site/site'
import { SelectField } from '../../ui/Field'
import { Notice } from '../../ui/Notice'
import { PageHead } from '../../ui/PageHead'
import { SiteProvider, useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { benchScreens } from '../../ui/texts/bench/benchScreens'
import styles from './Bench.module.css'
import { SampleChooser } from './SampleChooser'
import { Spreads } from './Spreads'
import { keyOf } from './useSampleSearch'

const words = benchScreens.compare

/** Results of two mixes beside each other: the same test, its repeats as dots, and whether they are apart. */
export default function CompareTestsScreen({
  page,
  site,
}: {
  readonly page: CompareTestsPage
  readonly site: SiteView
}) {
  return (
    <SiteProvider site={site}>
      <Compared page={page} />
    </SiteProvider>
  )
}

function Compared({ page }: { readonly page: CompareTestsPage }) {
  const { format } = useSite()
  const { chosen, names, kinds, kind, samples, runs, onDays, spreads } = page
  // The address says what is compared, so that it can be kept and gone back to.
  const go = (what: { a?: string; b?: string; test?: string }) => {
    const asked = { a: chosen[0], b: chosen[1], test: kind ?? '', ...what }
    const given = Object.entries(asked).filter(([, value]) => value !== '')
    window.location.assign(`/bench/compare?${new URLSearchParams(given)}`)
  }
  const choiceOf = (key: string, name: string): SampleChoice | null => {
    const listed = samples.listed.find((one) => keyOf(one) === key)
    const [of, id = ''] = key.split(':')
    if (listed || key === '') return listed ?? null
    return { kind: of as SampleChoice['kind'], id: of === 'material' ? id : Number(id), name }
  }
  return (
    <>
      <PageHead title={words.title} lead={words.lead} />
      <div className={styles.form}>
        {([0, 1] as const).map((at) => (
          <SampleChooser
            key={at}
            label={words.sample[at]}
            none={benchWords.chooseSample}
            samples={samples}
            chosen={choiceOf(chosen[at], names[at])}
            onChoose={(one) =>
              go(at === 0 ? { a: one ? keyOf(one) : '' } : { b: one ? keyOf(one) : '' })
            }
          />
        ))}
        {kinds.length > 0 && (
          <SelectField
            label={benchWords.testField}
            value={kind ?? ''}
            onChange={(event) => go({ test: event.target.value })}
          >
            {kinds.map((one) => (
              <option key={one} value={one}>
                {benchWords.tests[one].name}
              </option>
            ))}
          </SelectField>
        )}
      </div>
      {chosen[0] === '' || chosen[1] === '' ? (
        <p className={styles.quiet}>{words.chooseTwo}</p>
      ) : kind === null ? (
        <Notice>{words.nothingShared(names[0], names[1])}</Notice>
      ) : (
        <>
          <Spreads
            spreads={spreads}
            caption={words.caption(
              names[0],
              runs[0],
              format.day(onDays[0] ?? ''),
              names[1],
              runs[1],
              format.day(onDays[1] ?? ''),
            )}
            names={names}
            measuredOn={onDays[0]}
            isPhDoubted={false}
          />
          {Math.min(...runs) < 2 && <Notice>{words.oneRun}</Notice>}
        </>
      )}
    </>
  )
}
