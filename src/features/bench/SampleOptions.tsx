import type { SampleChoice } from '../../messages/bench/benchViews'
import { bench as benchWords } from '../../ui/texts/bench'

const KINDS = ['lot', 'mix', 'material'] as const

/** Everything a test can be made on, as the options of a choice. */
export function SampleOptions({ samples }: { readonly samples: readonly SampleChoice[] }) {
  return KINDS.map((kind) => (
    <optgroup key={kind} label={benchWords.sampleGroups[kind]}>
      {samples
        .filter((one) => one.kind === kind)
        .map(({ id, name }) => (
          <option key={id} value={`${kind}:${id}`}>
            {name}
          </option>
        ))}
    </optgroup>
  ))
}
