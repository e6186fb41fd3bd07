import type { SampleChoice, SampleChoices } from '../../messages/bench/benchViews'
import { SelectField, TextField } from '../../ui/Field'
import { bench as benchWords } from '../../ui/texts/bench'
import styles from './Bench.module.css'
import { useSampleSearch } from './useSampleSearch'

const KINDS = ['lot', 'mix', 'material'] as const

/** Chooses what a test is made on; where not all of it fits into a list, by its name first. */
export function SampleChooser({
  label,
  none,
  samples,
  value,
  error,
  onChoose,
}: {
  readonly label: string
  /** What stands there while nothing is chosen. */
  readonly none: string
  readonly samples: SampleChoices
  /** `kind:id` of what is chosen, empty for nothing. */
  readonly value: string
  readonly error?: string | undefined
  readonly onChoose: (value: string, sample: SampleChoice | null) => void
}) {
  const { find, setFind, choices, failed } = useSampleSearch(samples)
  const { listed, lotsTotal, mixesTotal } = choices
  return (
    <div className={styles.chooser}>
      {!samples.isWhole && (
        <TextField
          type="search"
          label={benchWords.findSample}
          hint={failed ? benchWords.findFailed : benchWords.sampleCount(lotsTotal, mixesTotal)}
          value={find}
          onChange={(event) => setFind(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
        />
      )}
      <SelectField
        label={label}
        value={value}
        error={error}
        onChange={(event) => {
          const key = event.target.value
          onChoose(key, listed.find(({ kind, id }) => `${kind}:${id}` === key) ?? null)
        }}
      >
        <option value="">{none}</option>
        {KINDS.map((kind) => (
          <optgroup key={kind} label={benchWords.sampleGroups[kind]}>
            {listed
              .filter((one) => one.kind === kind)
              .map(({ id, name }) => (
                <option key={id} value={`${kind}:${id}`}>
                  {name}
                </option>
              ))}
          </optgroup>
        ))}
      </SelectField>
    </div>
  )
}
