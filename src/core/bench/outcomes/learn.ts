import { heightForVolume } from '../../containers'
import { DomainError } from '../../errors'
import type { BenchOutcome, TestKit } from '../benchTypes'
import {
  calibrateSample,
  type DrainMade,
  type PorosityMade,
  type SampleCalibration,
} from '../calibrateSample'
import type { Hydraulics } from '../columnRun'
import { runsDisagree } from '../spread'
import type { TestKind } from '../testKinds'
import type { Derived } from './derive'

/** A run on a sample, as far as something can be learnt from it. */
export interface LearnableRun {
  readonly id: number
  readonly kind: TestKind
  /** The first run of its repeats; null for that one. */
  readonly setId: number | null
  readonly kit: TestKit
  readonly outcome: BenchOutcome | null
}

const valueNamed = ({ values }: BenchOutcome, name: string) =>
  values.find((one) => one.name === name)?.value ?? null

const mean = (values: readonly (number | null)[]): number | null => {
  const known = values.filter((value) => value !== null)
  return known.length === 0 ? null : known.reduce((sum, value) => sum + value, 0) / known.length
}

/** What a calibration rests on. */
const TOLD_BY = {
  porosity: ['totalPorosity', 'waterFraction'],
  drain: ['firstDrip', 'mark'],
} as const

function disagrees(runs: readonly BenchOutcome[], name: string): boolean {
  const named = runs.flatMap(({ values }) => values.filter((one) => one.name === name))
  const [first] = named
  return (
    first !== undefined &&
    runsDisagree(
      first.unit,
      named.map(({ value }) => value),
    )
  )
}

/**
 * What a finished run makes of its sample's curve, together with its repeats and the newest test of the other kind. From
 * repeats that contradict each other nothing is learnt: their mean would be the value of neither.
 * @param others finished runs on the same sample in the same innings, newest first
 * @returns null where nothing can be learnt
 */
export function learn(
  derived: Derived,
  prior: Hydraulics,
  test: Pick<LearnableRun, 'id' | 'kind' | 'setId'>,
  others: readonly LearnableRun[],
): (SampleCalibration & { testIds: number[] }) | null {
  if (!derived.porosity && !derived.drain) return null
  const ownSet = test.setId ?? test.id
  const repeats = (kind: string, setId: number) =>
    others.filter((one) => one.kind === kind && (one.setId ?? one.id) === setId)
  const newestSet = (kind: string) => {
    const found = others.find((one) => one.kind === kind)
    return found ? (found.setId ?? found.id) : null
  }
  const testIds: number[] = []
  const runsOf = (kind: string): BenchOutcome[] => {
    const setId = test.kind === kind ? ownSet : newestSet(kind)
    const runs = setId === null ? [] : repeats(kind, setId)
    testIds.push(...runs.map(({ id }) => id))
    return [
      ...(test.kind === kind ? [derived.outcome] : []),
      ...runs.flatMap(({ outcome }) => (outcome ? [outcome] : [])),
    ]
  }
  const agreeing = (kind: 'porosity' | 'drain'): BenchOutcome[] => {
    const runs = runsOf(kind)
    return runs.length > 1 && TOLD_BY[kind].some((name) => disagrees(runs, name)) ? [] : runs
  }
  const porosity = porosityOf(derived, agreeing('porosity'), others)
  const drain = drainOf(derived, agreeing('drain'), others)
  if (!porosity && !drain) return null
  try {
    const found = calibrateSample({ prior, porosity, drain })
    return found && { ...found, testIds: [test.id, ...testIds] }
  } catch (error) {
    // Too few readings to learn from: the test still stands for itself.
    if (error instanceof DomainError) return null
    throw error
  }
}

function porosityOf(
  { porosity }: Derived,
  runs: readonly BenchOutcome[],
  others: readonly LearnableRun[],
): PorosityMade | null {
  const totalPorosity = mean(runs.map((run) => valueNamed(run, 'totalPorosity')))
  const waterFraction = mean(runs.map((run) => valueNamed(run, 'waterFraction')))
  const kit = others.find(({ kind }) => kind === 'porosity')?.kit
  const where =
    porosity ??
    (kit && {
      columnShape: kit.porosityShape,
      fillHeightCm: heightForVolume({ shape: kit.porosityShape, litres: kit.porosityLitres }),
    })
  if (totalPorosity === null || waterFraction === null || !where) return null
  const { columnShape, fillHeightCm } = where
  return { columnShape, fillHeightCm, readings: { totalPorosity, waterFraction } }
}

function drainOf(
  { drain }: Derived,
  runs: readonly BenchOutcome[],
  others: readonly LearnableRun[],
): DrainMade | null {
  const older = others.find(({ kind }) => kind === 'drain')
  const kit = older?.kit
  const where =
    drain ??
    (kit && {
      column: { shape: kit.columnShape, mixLitres: kit.mixLitres },
      pourS: kit.pourS,
      observation: {
        pouredMl: kit.pouredMl,
        markMl: kit.markMl,
        endS: kit.endS,
        stoppedS: null,
        firstDripS: null,
        markS: null,
        drainedMl: 0,
      },
    })
  const drainedMl = mean(runs.map((run) => valueNamed(run, 'drained')))
  if (!where || drainedMl === null) return null
  return {
    ...where,
    observation: {
      ...where.observation,
      firstDripS: mean(runs.map((run) => valueNamed(run, 'firstDrip'))),
      markS: mean(runs.map((run) => valueNamed(run, 'mark'))),
      drainedMl,
    },
  }
}
