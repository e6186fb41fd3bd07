import type { SpreadView } from '../../messages/bench/benchViews'
import { Figure } from '../../ui/Figure'
import { DotRow } from '../../ui/pictures/DotRow'
import { useSite } from '../../ui/SiteContext'
import { bench as benchWords } from '../../ui/texts/bench/bench'
import styles from './Bench.module.css'
import valueStyles from './Values.module.css'
import { valueAmount, valueName } from './valueText'

const words = benchWords

/** Values of a test over its repeats: the mean, each run as a dot against what was expected and is wanted, the other beside. */
export function Spreads({
  spreads,
  caption,
  names,
  measuredOn,
  isPhDoubted,
}: {
  readonly spreads: readonly SpreadView[]
  readonly caption: string
  /** Of the sample and of what stands beside it. */
  readonly names: readonly [string, string]
  readonly measuredOn: string | null
  readonly isPhDoubted: boolean
}) {
  const { format } = useSite()
  const hasOther = spreads.some(({ reference }) => reference)
  const hasExpected = spreads.some(({ expected }) => expected)
  const hasWanted = spreads.some(({ wanted }) => wanted)
  return (
    <div className={valueStyles.scroll}>
      <table className={`${valueStyles.values} ${valueStyles.spreads}`}>
        <caption>
          {caption}
          <br />
          <span className={styles.quiet}>
            {words.legend(hasOther ? names[1] : null, hasExpected, hasWanted)}
          </span>
        </caption>
        <thead>
          <tr>
            <td />
            <th scope="col">{hasOther ? names[0] : words.columns.mean}</th>
            {hasOther && <th scope="col">{names[1]}</th>}
            <th scope="col" className={valueStyles.dots}>
              {words.columns.runs}
            </th>
          </tr>
        </thead>
        <tbody>
          {spreads.map(
            ({ name, unit, mean, lowest, highest, values, reference, disagree, ...more }) => {
              const amount = (value: number) => valueAmount(value, unit, format)
              const written = (value: number) => format.plain(amount(value))
              return (
                <tr key={name}>
                  <th scope="row">{valueName(name)}</th>
                  <td>
                    {disagree ? (
                      <>
                        {values.map(written).join(' · ')} <small>{words.disagree}</small>
                      </>
                    ) : (
                      <Figure
                        amount={amount(mean)}
                        measuredOn={isPhDoubted && name === 'ph' ? null : measuredOn}
                      />
                    )}
                  </td>
                  {hasOther && (
                    <td>
                      {reference && (
                        <>
                          <Figure amount={amount(reference.mean)} measuredOn={measuredOn} />{' '}
                          <small>{reference.apart ? words.apart : words.notApart}</small>
                        </>
                      )}
                    </td>
                  )}
                  <td className={valueStyles.dots}>
                    <DotRow
                      own={values}
                      other={reference?.values ?? []}
                      expected={more.expected}
                      wanted={more.wanted}
                      says={words.dotsSay(valueName(name), values.map(written).join(', '))}
                    />
                    {values.length > 1 && (
                      <small className={styles.quiet}>
                        {written(lowest)} – {written(highest)}
                      </small>
                    )}
                  </td>
                </tr>
              )
            },
          )}
        </tbody>
      </table>
    </div>
  )
}
