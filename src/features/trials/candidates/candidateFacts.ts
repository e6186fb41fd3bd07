import { AIR_TEST_ERROR } from '../../../core/bench'
import type { CandidateValue } from '../../../core/trials'
import type { Reading } from '../../../messages/media/lotViews'
import type { Candidate, CandidateTest } from '../../../messages/trials/candidateViews'

/** A number of a candidate with the day it was measured; null where it is worked out. */
export type CandidateFact = CandidateValue & { readonly measuredOn: string | null }

/** Air after draining in the pot: by its test where there is one, else by what it is made of. */
export function airOf({ answer, waterTestedOn }: Candidate): CandidateFact | null {
  if (!answer) return null
  const value = answer.capacity.airFraction
  const { p10, p90 } = answer.likely.airFraction
  return waterTestedOn
    ? {
        value,
        likely: [Math.max(0, value - AIR_TEST_ERROR), value + AIR_TEST_ERROR],
        measuredOn: waterTestedOn,
      }
    : { value, likely: [p10, p90], measuredOn: null }
}

/** Water it can use in the pot, L. */
export function waterOf({ answer }: Candidate): CandidateFact | null {
  if (!answer) return null
  const { p10, p90 } = answer.likely.usableFraction
  const { fillLitres, dry } = answer
  return {
    value: dry.usableLitres,
    likely: [p10 * fillLitres, p90 * fillLitres],
    measuredOn: null,
  }
}

/** Days between waterings; the weather is the same for all, so only the water in reach makes them unsure. */
export function daysOf(candidate: Candidate): CandidateFact | null {
  const water = waterOf(candidate)
  const days = candidate.answer?.dry.days
  if (!water || days == null || !(water.value > 0)) return null
  const [low = 0, high = 0] = water.likely ?? []
  return {
    value: days,
    likely: [(days * low) / water.value, (days * high) / water.value],
    measuredOn: null,
  }
}

export function costOf({ cost }: Candidate): CandidateFact | null {
  return cost.perLitre === null ? null : { value: cost.perLitre, measuredOn: null }
}

export function phOf(candidate: Candidate): CandidateFact | null {
  const { ph, answer } = candidate
  if (ph) return readAs(candidate, ph, 'ph')
  if (!answer) return null
  return {
    value: answer.ph,
    likely: [answer.likely.ph.p10, answer.likely.ph.p90],
    measuredOn: null,
  }
}

export function saltsOf(candidate: Candidate): CandidateFact | null {
  const { ecSme, answer } = candidate
  if (ecSme) return readAs(candidate, ecSme, 'ecSme')
  if (!answer) return null
  return {
    value: answer.ecSme,
    likely: [answer.likely.ecSme.p10, answer.likely.ecSme.p90],
    measuredOn: null,
  }
}

/** A reading with its repeats; one that stands alone is one run. */
function readAs(candidate: Candidate, { value, measuredOn }: Reading, name: string): CandidateFact {
  const tested = testedOf(candidate, 'phEc', name)
  const runs = tested && tested.measuredOn === measuredOn ? tested.runs : [value]
  return { value, runs, measuredOn }
}

/** A value of its newest test of a kind, with its runs. */
export function testedOf(
  { tests }: Pick<Candidate, 'tests'>,
  kind: CandidateTest['kind'],
  name: string,
): (CandidateFact & { readonly test: CandidateTest }) | null {
  const test = tests.find((one) => one.kind === kind)
  const runs = test?.values.find((one) => one.name === name)?.values ?? []
  if (!test || runs.length === 0) return null
  const value = runs.reduce((sum, one) => sum + one, 0) / runs.length
  return { value, runs, measuredOn: test.on, test }
}

/** Weeds that came up on 100 cm², with what such a count may have been by chance. */
export function weedsOf(candidate: Candidate): CandidateFact | null {
  const tested = testedOf(candidate, 'weeds', 'weeds')
  if (!tested) return null
  const counted = tested.test.verdicts.find(({ id }) => id === 'weeds')?.told
  const [low, high] = [counted?.low, counted?.high]
  const { value, runs, measuredOn } = tested
  return (runs?.length ?? 0) < 2 && typeof low === 'number' && typeof high === 'number'
    ? { value, likely: [low, high], measuredOn }
    : { value, runs, measuredOn }
}
