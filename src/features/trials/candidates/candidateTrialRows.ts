import type { CandidatesTrial, CheckPoint } from '../../../messages/trials/candidateViews'
import type { Format } from '../../../ui/format'
import { candidates as words } from '../../../ui/texts/mixes/candidates'
import { trialResults } from '../../../ui/texts/trials/trialResults'
import { valueText } from '../results/resultText'
import { resultAddress, type SheetCell, type SheetRow } from './sheet'

/** What a trial says of the candidates, a row a measure: the last check large, the ones before it small. */
export function trialRows(trial: CandidatesTrial, controlName: string, format: Format): SheetRow[] {
  const rows = trial.measures.map(({ measure, isShare, cells }): SheetRow => {
    const write = (value: number) => valueText(value, measure, isShare, format)
    return {
      key: `${trial.trialId} ${measure}`,
      name: trialResults.measures[measure],
      href: resultAddress(trial, measure),
      cells: cells.map((cell, at) => {
        const treatment = trial.treatments[at]
        if (!cell || !treatment) return null
        const last = cell.points.at(-1)
        return {
          amount: last ? amountOf(write(last.mean)) : null,
          ...(cell.sides ? { text: words.trial.crops(cell.sides.wins, cell.sides.losses) } : {}),
          notes: [
            last
              ? `${words.trial.day(last.day)}, ${words.trial.used(last.n, treatment.planted)}`
              : '',
            ...earlier(cell.points, write),
            treatment.version === null ? '' : words.trial.older(treatment.version),
            treatment.number === 0 ? words.trial.control : '',
            cell.verdict ? words.trial.against(cell.verdict, controlName) : '',
          ].filter(Boolean),
        }
      }),
    }
  })
  const yields = trial.treatments.map((one): SheetCell | null =>
    one?.yieldPerLitreG == null
      ? null
      : { amount: amountOf(`${format.plain(format.grams(one.yieldPerLitreG))} / L`), notes: [] },
  )
  return yields.some((cell) => cell !== null)
    ? [...rows, { key: `${trial.trialId} yield`, name: words.rows.yieldIn, cells: yields }]
    : rows
}

function earlier(points: readonly CheckPoint[], write: (value: number) => string): string[] {
  return points.slice(0, -1).map(({ day, mean }) => `${words.trial.day(day)}: ${write(mean)}`)
}

function amountOf(written: string) {
  const [number = '', ...unit] = written.split(' ')
  return { number, unit: unit.join(' ') }
}
