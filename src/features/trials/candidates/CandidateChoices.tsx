import { MOST_CANDIDATES } from '../../../core/trials'
import type { CandidatesPage } from '../../../messages/trials/candidateViews'
import { SelectField } from '../../../ui/Field'
import { useSite } from '../../../ui/SiteContext'
import { candidates as words } from '../../../ui/texts/mixes/candidates'
import { SampleChooser } from '../../bench/SampleChooser'
import { keyOf } from '../../bench/useSampleSearch'
import styles from './Candidates.module.css'
import { criteriaOf } from './candidateRank'
import { sheetAddress } from './sheetAddress'

/** Where, for what, by what, and who is held against whom; the address says it, so that it can be kept and gone back to. */
export function CandidateChoices({ page }: { readonly page: CandidatesPage }) {
  const { format } = useSite()
  const { of, candidates, pots, potId, crops, cropId, by, samples } = page
  const go = (change: Parameters<typeof sheetAddress>[1]) =>
    window.location.assign(sheetAddress(page, change))
  const criteria = criteriaOf(page)
  return (
    <div className={styles.choices}>
      {pots.length > 0 && (
        <SelectField
          label={words.pot}
          value={String(potId)}
          onChange={(event) => go({ potId: Number(event.target.value) })}
        >
          {pots.map(({ id, name, place, heightCm }) => (
            <option key={id} value={id}>
              {name} · {place}, {format.plain(format.cm(heightCm))}
            </option>
          ))}
        </SelectField>
      )}
      <SelectField
        label={words.crop}
        value={cropId ?? ''}
        onChange={(event) => go({ cropId: event.target.value || null })}
      >
        <option value="">{words.anything}</option>
        {crops.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </SelectField>
      {criteria.length > 0 && (
        <SelectField
          label={words.by}
          value={by}
          onChange={(event) => go({ by: event.target.value })}
        >
          {criteria.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
      )}
      {candidates.length > 1 && (
        <SelectField
          label={words.against}
          value={of[0] ?? ''}
          onChange={({ target: { value } }) =>
            go({ of: [value, ...of.filter((key) => key !== value)] })
          }
        >
          {candidates.map(({ key, name }) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </SelectField>
      )}
      {candidates.length < MOST_CANDIDATES ? (
        <SampleChooser
          label={words.add}
          none={words.choose}
          samples={samples}
          chosen={null}
          onChoose={(sample) =>
            sample && !of.includes(keyOf(sample)) && go({ of: [...of, keyOf(sample)] })
          }
        />
      ) : (
        <p className={styles.quiet}>{words.full(MOST_CANDIDATES)}</p>
      )}
    </div>
  )
}
