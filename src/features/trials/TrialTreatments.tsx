import type {
  CandidateRemark,
  TrialPage,
  TrialTreatmentView,
} from '../../messages/trials/trialViews'
import type { Format } from '../../ui/format'
import { Notice } from '../../ui/Notice'
import { useSite } from '../../ui/SiteContext'
import { lacking } from '../../ui/texts/trials/seedlingLacks'
import { trialResults } from '../../ui/texts/trials/trialResults'
import { trials } from '../../ui/texts/trials/trials'
import { trialWords } from '../../ui/texts/trials/trialWords'
import styles from './Trial.module.css'

const words = trials.treatments

/** What is held against what, and what each takes. */
export function TrialTreatments({
  page,
  isHidden,
}: {
  readonly page: TrialPage
  readonly isHidden: boolean
}) {
  const { format } = useSite()
  const must = trials.mustOf(format.number(page.mustValue, 0), trialWords.musts[page.must].after)
  return (
    <section aria-labelledby="held" className={styles.part}>
      <h2 id="held">{words.head}</h2>
      <p>
        {page.decides &&
          `${words.decides(trialResults.measures[page.decides], page.decidesDay === null ? '' : words.decidesOn(page.decidesDay))} `}
        {must}
      </p>
      {page.seedlingLacks && (
        <p>
          {words.seedlings.counts}{' '}
          {page.seedlingLacks.length > 0
            ? words.seedlings.lacks(lacking(page.seedlingLacks.join(' ')))
            : words.seedlings.enough}
        </p>
      )}
      {page.remarks.map((one) => (
        <Notice key={JSON.stringify(one)} tone="act">
          {remarkText(one, format)}
        </Notice>
      ))}
      {page.mixedUp.map(({ name, differences }) => (
        <Notice key={name} tone="act">
          {words.mixedUp(name, differences.map((one) => trialWords.differences[one]).join(' and '))}
        </Notice>
      ))}
      <ul className={styles.treatments}>
        {page.treatments.map((one) => (
          <Treatment key={one.id} page={page} treatment={one} isHidden={isHidden} />
        ))}
      </ul>
    </section>
  )
}

function remarkText(one: CandidateRemark, format: Format): string {
  switch (one.what) {
    case 'litres':
      return words.remark.litres(
        one.treatment,
        one.of,
        format.plain(format.litres(one.value)),
        format.plain(format.litres(one.limit)),
      )
    case 'salts': {
      const salts = (value: number) => format.plain(format.conductivity(value))
      return words.remark.salts(one.treatment, one.cropName, salts(one.value), salts(one.limit))
    }
    case 'air-low':
    case 'air-high': {
      const air = (value: number) => format.plain(format.percent(value))
      return words.remark[one.what](one.treatment, one.cropName, air(one.value), air(one.limit))
    }
  }
}

function Treatment({
  page,
  treatment,
  isHidden,
}: {
  readonly page: TrialPage
  readonly treatment: TrialTreatmentView
  readonly isHidden: boolean
}) {
  const { format } = useSite()
  const litres = (value: number) => format.plain(format.litres(value))
  const isRunning = page.plantedOn !== null
  return (
    <li>
      <div className={styles.treatmentHead}>
        <strong>{treatment.name}</strong>
        {treatment.number === 0 && <span className={styles.tag}>{words.control}</span>}
      </div>
      <p>
        {treatment.addedName ? (
          words.dose(format.number(treatment.dose), treatment.addedName, treatment.medium)
        ) : treatment.mediumAddress ? (
          <a href={treatment.mediumAddress}>{treatment.medium}</a>
        ) : (
          treatment.medium
        )}
        {treatment.potName !== page.potSize.name && ` · ${treatment.potName}`}
        {treatment.care && ` · ${treatment.care}`}
      </p>
      {!isRunning && (
        <p className={styles.quiet}>
          {treatment.litres > 0
            ? words.litres(
                litres(treatment.litres),
                treatment.pots,
                format.plain(format.percent(treatment.sinks)),
              )
            : words.standing}
          {treatment.parts.length > 1 &&
            ` · ${words.measure}: ${treatment.parts.map((part) => `${part.name} ${litres(part.litres)}`).join(', ')}`}
        </p>
      )}
      {isRunning && treatment.lotId !== null && !isHidden && (
        <p className={styles.quiet}>
          <a href={`/lots/${treatment.lotId}`}>{words.lot}</a>
        </p>
      )}
    </li>
  )
}
