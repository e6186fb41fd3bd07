import type {
  Candidate,
  CandidatesPage,
  CandidateTest,
} from '../../../messages/trials/candidateViews'
import type { Format } from '../../../ui/format'
import { bench as benchWords } from '../../../ui/texts/bench/bench'
import { benchVerdict } from '../../../ui/texts/bench/benchVerdicts'
import { candidates as words } from '../../../ui/texts/mixes/candidates'
import { valueAmount, valueName } from '../../bench/valueText'
import { testedOf, weedsOf } from './candidateFacts'
import { againstYardstick } from './candidateRank'
import {
  type RowMaker,
  resultAddress,
  type SheetCell,
  type SheetRow,
  sentence,
  testOrigin,
} from './sheet'

/** Of each test what tells mixes apart; other values stand on its own page. */
const TOLD: readonly (readonly [kind: CandidateTest['kind'], names: readonly string[]])[] = [
  ['drain', ['mark', 'mlPerMin', 'retainedShare']],
  ['layers', ['wetZone']],
  ['porosity', ['airFraction', 'waterFraction', 'totalPorosity', 'bulkDensity']],
  ['wetting', ['median']],
  ['jar', ['buffer']],
  ['sieve', ['loss', 'woody']],
]
/** What hands and a test of seedlings say stands in their sentences. */
const IN_WORDS: readonly CandidateTest['kind'][] = ['squeeze', 'palm', 'seedling']
/** The fill new, and after each further season: this is the first. */
const SEASON = 1
const SIGHTS: Readonly<Record<string, string>> = benchWords.choices.sights

function testCell(
  kind: CandidateTest['kind'],
  name: string,
  candidates: readonly Candidate[],
  format: Format,
): (candidate: Candidate) => SheetCell | null {
  const [yardstick] = candidates
  return (candidate) => {
    const fact = testedOf(candidate, kind, name)
    if (!fact) return null
    const unit = fact.test.values.find((one) => one.name === name)?.unit ?? 'times'
    const other = yardstick && candidate !== yardstick ? testedOf(yardstick, kind, name) : null
    const against = againstYardstick(fact, other)
    return {
      amount: valueAmount(fact.value, unit, format),
      measuredOn: fact.measuredOn,
      notes: against ? [words.apart[against]] : [],
      ...testOrigin(fact.test, format),
    }
  }
}

/** What tests of the bench found. */
export function benchRows(
  { candidates }: CandidatesPage,
  format: Format,
  row: RowMaker,
): SheetRow[] {
  return [
    ...TOLD.flatMap(([kind, names]) =>
      names.flatMap((name) =>
        row(`${kind} ${name}`, valueName(name), testCell(kind, name, candidates, format)),
      ),
    ),
    ...IN_WORDS.flatMap((kind) =>
      row(kind, benchWords.tests[kind].name, ({ tests }) => {
        const test = tests.find((one) => one.kind === kind)
        if (!test) return null
        const said = test.verdicts.map((one) => benchVerdict(one, format)).join(' ')
        return { ...sentence(said), ...testOrigin(test, format) }
      }),
    ),
  ]
}

/** How far it sank, by tests, trials and what is to be expected. */
export function sunkRows(page: CandidatesPage, format: Format, row: RowMaker): SheetRow[] {
  const cm = (value: number, measured: boolean): SheetCell => ({
    amount: format.cm(value),
    ...(measured ? {} : { measuredOn: null, why: 'seasons' as const }),
    notes: [],
  })
  return [
    ...row('settled', words.rows.settled, testCell('settling', 'settled', page.candidates, format)),
    ...page.trials.flatMap((trial) =>
      row(
        `sunk ${trial.trialId}`,
        words.rows.sunkIn(trial.name),
        (_, at) => {
          const sunk = trial.treatments[at]?.sunkCm
          return sunk == null ? null : cm(sunk, true)
        },
        resultAddress(trial, 'sunk'),
      ),
    ),
    ...row('down', words.rows.down, ({ answer }) => {
      const down = answer?.seasons[SEASON]?.downCm
      return down === undefined ? null : cm(down, false)
    }),
  ]
}

/** Weeds in trays of the bench and of trials. */
export function weedRows(page: CandidatesPage, format: Format, row: RowMaker): SheetRow[] {
  const [yardstick] = page.candidates
  return [
    ...row('weeds', words.rows.weeds, (candidate) => {
      const tested = testedOf(candidate, 'weeds', 'weeds')
      const mine = weedsOf(candidate)
      if (!tested || !mine) return null
      const other = yardstick && candidate !== yardstick ? weedsOf(yardstick) : null
      const against = againstYardstick(mine, other)
      return {
        amount: valueAmount(mine.value, 'per 100 cm²', format),
        measuredOn: mine.measuredOn,
        notes: against ? [words.apart[against]] : [],
        ...testOrigin(tested.test, format),
      }
    }),
    ...page.trials.flatMap((trial) =>
      row(
        `weeds ${trial.trialId}`,
        words.rows.weedsM2(trial.name),
        (_, at) => {
          const weeds = trial.treatments[at]?.weedsPerM2
          if (weeds == null) return null
          return {
            amount: { number: format.number(weeds), unit: words.perM2 },
            notes: [],
          }
        },
        resultAddress(trial, 'emerged'),
      ),
    ),
  ]
}

/** What was smelt and seen. */
export function lookRows(format: Format, row: RowMaker): SheetRow[] {
  return [
    ...row('smell', words.rows.smell, ({ tests }) => {
      const look = tests.find(({ smell }) => smell !== null)
      const smell = look?.smell as keyof typeof words.smells | undefined
      return look && smell
        ? { ...sentence(words.smells[smell]), ...testOrigin(look, format) }
        : null
    }),
    ...row('sights', words.rows.sights, ({ tests }) => {
      const look = tests.find(({ sights }) => sights.length > 0)
      const seen = look?.sights.map((one) => SIGHTS[one] ?? one).join(', ')
      return look && seen ? { ...sentence(seen), ...testOrigin(look, format) } : null
    }),
  ]
}
