import { useState } from 'react'
import { problemsShownBy, SIGNS, type Sign } from '../../core/recondition'
import type { ProblemChoice } from '../../messages/media/found'
import { Fold } from '../../ui/Fold'
import { SignMark } from '../../ui/pictures/SignMark'
import { manyFound as words } from '../../ui/texts/media/manyFound'
import styles from './Found.module.css'
import { ProblemsField } from './ProblemsField'

/** What was seen: by its name or signs as typed, or by a drawing of what is seen first. */
export function SignField({
  label,
  problems,
  chosen,
  onChange,
}: {
  readonly label: string
  readonly problems: readonly ProblemChoice[]
  readonly chosen: readonly string[]
  readonly onChange: (chosen: readonly string[]) => void
}) {
  const [sign, setSign] = useState<Sign | null>(null)
  const shown = sign === null ? [] : problemsShownBy(sign)
  return (
    <>
      <ProblemsField label={label} problems={problems} chosen={chosen} onChange={onChange} />
      <Fold title={words.bySign}>
        <ul className={styles.signs}>
          {SIGNS.map((one) => (
            <li key={one}>
              <button
                type="button"
                className={styles.sign}
                aria-pressed={one === sign}
                onClick={() => setSign(one === sign ? null : one)}
              >
                <SignMark sign={one} />
                {words.signs[one]}
              </button>
            </li>
          ))}
        </ul>
        {shown.length > 0 && (
          <ul className={styles.matches}>
            {problems
              .filter(({ id }) => shown.includes(id) && !chosen.includes(id))
              .map(({ id, name, signs }) => (
                <li key={id}>
                  <button
                    type="button"
                    className={styles.match}
                    onClick={() => onChange([...chosen, id])}
                  >
                    {name}
                    <small>{signs}</small>
                  </button>
                </li>
              ))}
          </ul>
        )}
      </Fold>
    </>
  )
}
