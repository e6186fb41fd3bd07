import type { PensPage } from '../../messages/bench/benchViews'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { useForm } from '../../ui/form/useForm'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { useReady } from '../../ui/useReady'
import { readNumber } from '../readNumber'
import styles from './Bench.module.css'

const words = benchWords.tapWater
const FIELDS = ['ph', 'ecDsPerM', 'alkalinityMgPerL'] as const

/** What the water from the tap is like: it lifts the pH of a mix, and is taken off what a meter reads. */
export function TapWater({ page: { tapWater, siteVersion } }: { readonly page: PensPage }) {
  const ready = useReady()
  const { site } = useSite()
  const { field, quantity, submit, problem } = useForm('PUT /api/bench/water', {
    // Another version is another water: what was typed of an older one would put it back.
    draft: `tap-water/${siteVersion}`,
    begin: {
      ph: String(tapWater.ph),
      ecDsPerM: String(tapWater.ecDsPerM),
      alkalinityMgPerL: String(tapWater.alkalinityMgPerL),
    },
    asked: ({ ph, ecDsPerM, alkalinityMgPerL }) => ({
      body: {
        ph: readNumber(ph),
        ecDsPerM: readQuantity(ecDsPerM, 'conductivity', site.measures).value,
        alkalinityMgPerL: readNumber(alkalinityMgPerL),
        version: siteVersion,
      },
    }),
    taken: () => ({ text: words.kept }),
  })
  return (
    <section aria-labelledby="tap-water" className={`${styles.section} ${styles.apart}`}>
      <h2 id="tap-water">{words.title}</h2>
      <p className={styles.quiet}>{words.note}</p>
      <form data-paper noValidate onSubmit={submit}>
        <fieldset disabled={!ready} className={`plain ${styles.running}`}>
          <ProblemNotice problem={problem} />
          <div className={styles.form}>
            {FIELDS.map((name) =>
              name === 'ecDsPerM' ? (
                <QuantityField
                  key={name}
                  label={words[name]}
                  dimension="conductivity"
                  echoes="converted"
                  {...quantity(name)}
                />
              ) : (
                <TextField key={name} label={words[name]} inputMode="decimal" {...field(name)} />
              ),
            )}
          </div>
          <div className={styles.actions}>
            <Button type="submit">{words.keep}</Button>
          </div>
        </fieldset>
      </form>
    </section>
  )
}
