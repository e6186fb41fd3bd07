import type { ResultsPage, TreatmentOutcome } from '../../../messages/trials/resultViews'
import type { Format } from '../../../ui/format'
import { Sideways } from '../../../ui/Sideways'
import { useSite } from '../../../ui/SiteContext'
import { trialResults } from '../../../ui/texts/trials/trialResults'
import styles from './Results.module.css'

const words = trialResults.outcome

/** Pots, money, harvest, water, time: what each treatment took and gave. */
export function OutcomeTable({ page }: { readonly page: ResultsPage }) {
  const { format } = useSite()
  const rows = rowsOf(format).filter(({ textOf }) =>
    page.treatments.some((one) => textOf(one) !== null),
  )
  return (
    <section aria-labelledby="outcome" className={styles.part}>
      <h2 id="outcome">{words.head}</h2>
      <Sideways label={words.head}>
        <table className={styles.table}>
          <thead>
            <tr>
              <td />
              {page.treatments.map(({ number, name }) => (
                <th key={number} scope="col">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ name, textOf }) => (
              <tr key={name}>
                <th scope="row">{name}</th>
                {page.treatments.map((one) => (
                  <td key={one.number}>{textOf(one) ?? words.unknown}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Sideways>
      <details className={styles.why}>
        <summary>{words.why}</summary>
        {rows.map(({ name, why }) => why && <p key={name}>{`${name}: ${why}`}</p>)}
      </details>
    </section>
  )
}

interface Row {
  readonly name: string
  /** How it is worked out; left out where it is only counted. */
  readonly why?: string
  readonly textOf: (treatment: TreatmentOutcome) => string | null
}

function rowsOf(format: Format): Row[] {
  const grams = (value: number) => format.plain(format.grams(value))
  const known = <T,>(value: T | null, write: (value: T) => string) =>
    value === null ? null : write(value)
  const costOf = ({ costPerLitre, litres }: TreatmentOutcome) =>
    costPerLitre === null ? null : costPerLitre * litres
  return [
    { name: words.used, textOf: ({ used, planted }) => words.usedOf(used, planted) },
    { name: words.died, textOf: ({ died }) => format.number(died) },
    {
      name: words.cost,
      why: words.whys.cost,
      textOf: (one) =>
        known(
          costOf(one),
          (cost) => `${format.money(cost)}${one.isCostPartial ? ` (${words.partial})` : ''}`,
        ),
    },
    { name: words.yield, why: words.whys.yield, textOf: ({ yieldG }) => known(yieldG, grams) },
    {
      name: words.perLitre,
      why: words.whys.perLitre,
      textOf: ({ yieldG, litres }) => known(yieldG, (value) => `${grams(value / litres)} / L`),
    },
    {
      name: words.perMoney(format.money(1)),
      why: words.whys.perMoney,
      textOf: (one) => {
        const cost = costOf(one)
        if (one.yieldG === null || !cost || one.isCostPartial) return null
        return grams(one.yieldG / cost)
      },
    },
    {
      name: words.water,
      why: words.whys.water,
      textOf: ({ waterLitres }) =>
        known(waterLitres, (value) => format.plain(format.litres(value))),
    },
    {
      name: words.first,
      why: words.whys.first,
      textOf: ({ firstHarvestDays }) =>
        known(firstHarvestDays, (value) => words.days(format.number(value))),
    },
    {
      name: words.sunk,
      why: words.whys.sunk,
      textOf: ({ sunkCm }) => known(sunkCm, (value) => format.plain(format.cm(value))),
    },
    {
      name: words.weeds,
      why: words.whys.weeds,
      textOf: ({ weedsPerM2 }) => known(weedsPerM2, (value) => format.number(value)),
    },
  ]
}
