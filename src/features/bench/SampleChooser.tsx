import type { SampleChoice, SampleChoices } from '../../messages/bench/benchViews'
import { type FieldProblem, SelectField, TextField } from '../../ui/Field'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import styles from './Bench.module.css'
import { keyOf, useSampleSearch, withChosen } from './useSampleSearch'

const KINDS = ['lot', 'mix', 'material'] as const

/** Chooses what a test is made on; where not all of it fits into a list, by its name first. */
export function SampleChooser({
  label,
  none,
  samples,
  chosen,
  error,
  onChoose,
}: {
  readonly label: string
  /** What stands there while nothing is chosen. */
  readonly none: string
  readonly samples: SampleChoices
  readonly chosen: SampleChoice | null
  readonly error?: FieldProblem | undefined
  readonly onChoose: (sample: SampleChoice | null) => void
}) {
  const { find, setFind, choices, failed } = useSampleSearch(samples)
  const { lotsTotal, mixesTotal } = choices
  const listed = withChosen(choices.listed, chosen)
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
        value={chosen ? keyOf(chosen) : ''}
        error={error}
        onChange={(event) =>
          onChoose(listed.find((one) => keyOf(one) === event.target.value) ?? null)
        }
      >
        <option value="">{none}</option>
        {KINDS.map((kind) => (
          <optgroup key={kind} label={benchWords.sampleGroups[kind]}>
            {listed
              .filter((one) => one.kind === kind)
              .map((one) => (
                <option key={one.id} value={keyOf(one)}>
                  {one.name}
                </option>
              ))}
          </optgroup>
        ))}
      </SelectField>
    </div>
  )
}
