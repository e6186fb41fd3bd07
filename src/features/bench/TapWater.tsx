import { useState } from 'react'
import type { PensPage } from '../../messages/bench/benchViews'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { ProblemNotice } from '../../ui/Notice'
import { QuantityField } from '../../ui/QuantityField'
import { readQuantity } from '../../ui/readQuantity'
import { useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import { showToastOnNextPage } from '../../ui/toast'
import { useReady } from '../../ui/useReady'
import { useSend } from '../../ui/useSend'
import { readNumber } from '../readNumber'
import styles from './Bench.module.css'

const words = benchWords.tapWater
const FIELDS = ['ph', 'ecDsPerM', 'alkalinityMgPerL'] as const

/** What the water from the tap is like: it lifts the pH of a mix, and is taken off what a meter reads. */
export function TapWater({ page: { tapWater, siteVersion } }: { readonly page: PensPage }) {
  const ready = useReady()
  const { site } = useSite()
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>(
    Object.fromEntries(FIELDS.map((name) => [name, String(tapWater[name])])),
  )
  const { problem, errorOf, deliver } = useSend()
  const save = async () => {
    const read = (name: (typeof FIELDS)[number]) =>
      name === 'ecDsPerM'
        ? readQuantity(typed[name] ?? '', 'conductivity', site.measures).value
        : readNumber(typed[name] ?? '')
    const answer = await deliver('PUT /api/bench/water', {
      body: {
        ph: read('ph'),
        ecDsPerM: read('ecDsPerM'),
        alkalinityMgPerL: read('alkalinityMgPerL'),
        version: siteVersion,
      },
    })
    if (!answer) return
    showToastOnNextPage({ text: words.kept })
    window.location.reload()
  }
  return (
    <section aria-labelledby="tap-water" className={`${styles.section} ${styles.apart}`}>
      <h2 id="tap-water">{words.title}</h2>
      <p className={styles.quiet}>{words.note}</p>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          void save()
        }}
      >
        <fieldset disabled={!ready} className={`plain ${styles.running}`}>
          <ProblemNotice problem={problem} />
          <div className={styles.form}>
            {FIELDS.map((name) => {
              const field = {
                label: words[name],
                value: typed[name] ?? '',
                error: errorOf(name),
                onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
                  setTyped({ ...typed, [name]: event.target.value }),
              }
              return name === 'ecDsPerM' ? (
                <QuantityField
                  key={name}
                  {...field}
                  typed={field.value}
                  dimension="conductivity"
                  echoes="converted"
                />
              ) : (
                <TextField key={name} {...field} inputMode="decimal" />
              )
            })}
          </div>
          <div className={styles.actions}>
            <Button type="submit">{words.keep}</Button>
          </div>
        </fieldset>
      </form>
    </section>
  )
}
