import { containerVolume, heightForVolume } from '../../containers'
import { DomainError } from '../../errors'
import { waterRun } from '../../media'
import { airAgainstExpected, timeAgainstExpected } from '../againstExpected'
import type { BenchValue, BenchVerdict } from '../benchTypes'
import { filled } from '../columnRun'
import { type DrainObservation, drainReadings } from '../drainReadings'
import type { Observations } from '../observations'
import { porosityReadings } from '../porosityReadings'
import { settlingTest } from '../settlingTest'
import { wettingTest } from '../wettingTest'
import type { Derivations, TestContext } from './derive'

/** Tests in which water is poured, taken up or let out. */
export const waterDerivations: Pick<
  Derivations,
  'drain' | 'layers' | 'porosity' | 'wetting' | 'settling'
> = {
  drain: (entered, context) => {
    const { kit } = context
    const { observation, values, ...how } = drained(entered, context)
    return {
      outcome: {
        values,
        verdicts: drainVerdicts(observation, how, entered.stoodOnTop, context),
      },
      drain: {
        column: { shape: kit.columnShape, mixLitres: kit.mixLitres },
        pourS: kit.pourS,
        observation,
      },
    }
  },

  layers: (entered, context) => {
    const { values } = drained(entered, context)
    const { wetZoneCm, bottomCm } = entered
    const expected = expectedWetZone(context, bottomCm)
    const cm = (name: string, value: number) => ({ name, value, unit: 'cm' }) as const
    return {
      outcome: {
        values: [
          ...values,
          cm('wetZone', wetZoneCm),
          ...(expected === null ? [] : [cm('wetZoneExpected', expected)]),
        ],
        verdicts: [{ id: 'layers', tone: 'act', told: { cm: wetZoneCm, expected, bottomCm } }],
      },
    }
  },

  porosity: (entered, { kit, expected, crop }) => {
    requireRoom(kit, entered.volumeMl)
    const readings = porosityReadings(entered)
    const { totalPorosity, airFraction, waterFraction, bulkDensity, drainedKgPerL } = readings
    const fillHeightCm = heightForVolume({
      shape: kit.porosityShape,
      litres: entered.volumeMl / 1000,
    })
    const verdicts: BenchVerdict[] = []
    if (expected?.airFraction != null) {
      const { verdict } = airAgainstExpected(airFraction, expected.airFraction, expected.airLikely)
      verdicts.push({
        id: `air.${verdict}`,
        tone: verdict === 'less air' ? 'act' : 'ok',
        told: { measured: airFraction, expected: expected.airFraction, heightCm: fillHeightCm },
      })
    }
    if (!readings.startWaterWeighed) verdicts.push(said('porosity.guess', 'ok'))
    if (crop) {
      const airMin = crop.airMinPercent / 100
      verdicts.push({ id: 'air.elsewhere', tone: 'ok', told: { crop: crop.name, airMin } })
    }
    return {
      outcome: {
        values: [
          { name: 'totalPorosity', value: totalPorosity, unit: 'share' },
          { name: 'airFraction', value: airFraction, unit: 'share' },
          { name: 'waterFraction', value: waterFraction, unit: 'share' },
          ...(bulkDensity === null
            ? []
            : [{ name: 'bulkDensity', value: bulkDensity, unit: 'kg/L' } as const]),
          ...(drainedKgPerL === null
            ? []
            : [{ name: 'drainedKgPerL', value: drainedKgPerL, unit: 'kg/L' } as const]),
        ],
        verdicts,
      },
      porosity: { columnShape: kit.porosityShape, fillHeightCm, readings },
    }
  },

  wetting: (entered) => {
    const { medianS, repellence, soakFromBelow } = wettingTest(entered)
    return {
      outcome: {
        values: [{ name: 'median', value: medianS, unit: 's' }],
        verdicts: [
          {
            id: `wetting.${repellence}`,
            tone: repellence === 'wets readily' ? 'ok' : 'act',
            told: {},
          },
          ...(soakFromBelow ? [said('wetting.soak', 'act')] : []),
        ],
      },
    }
  },

  settling: ({ heightsCm }, { pot, kit }) => {
    const { settledShare, topUpLitres, fillFactor } = settlingTest({
      shape: pot?.shape ?? kit.columnShape,
      heightsCm,
    })
    return {
      outcome: {
        values: [
          { name: 'settled', value: settledShare, unit: 'share' },
          { name: 'topUp', value: topUpLitres, unit: 'L' },
          { name: 'fillFactor', value: fillFactor, unit: 'times' },
        ],
        verdicts: [
          { id: 'settling', tone: 'ok', told: { litres: topUpLitres, factor: fillFactor } },
        ],
      },
    }
  },
}

/** Height up to which the same fill, drained, holds under a tenth of air, which looks wet; null where something of it is not known. */
function expectedWetZone({ kit, prior, bottom }: TestContext, bottomCm: number): number | null {
  const { fillHeightCm } = filled({ shape: kit.columnShape, mixLitres: kit.mixLitres })
  if (!prior || !bottom || !(bottomCm > 0) || bottomCm >= fillHeightCm) return null
  const { thinAirUpToCm } = waterRun({
    fill: {
      shape: kit.columnShape,
      headspaceCm: Math.max(0, kit.columnShape.heightCm - fillHeightCm),
      layers: [
        { thicknessCm: bottomCm, ...bottom },
        { thicknessCm: fillHeightCm - bottomCm, ...prior },
      ],
    },
    millilitres: 0,
    endS: 60,
  })
  return thinAirUpToCm
}

/** @throws DomainError for more mix than the pot of the kit holds */
function requireRoom({ porosityShape: shape }: TestContext['kit'], volumeMl: number): void {
  const holdsL = containerVolume({ shape, fillHeightCm: shape.heightCm })
  if (volumeMl > 1000 * holdsL) {
    throw new DomainError(
      'out-of-range',
      `The pot of the test kit holds ${holdsL.toFixed(1)} L to its rim: measure less mix, or set the pot under Test kit.`,
      { field: 'volumeMl' },
    )
  }
}

function said(id: BenchVerdict['id'], tone: BenchVerdict['tone']): BenchVerdict {
  return { id, tone, told: {} }
}

function drained(
  { pouredMl, firstDripS, markS, stoppedS, drainedMl }: Observations['drain'],
  { kit }: TestContext,
): {
  observation: DrainObservation
  values: BenchValue[]
  stalled: boolean
  stopDoubted: boolean
} {
  filled({ shape: kit.columnShape, mixLitres: kit.mixLitres })
  // Where so much cannot have run out in that time, the end was not seen: nothing rests on it.
  const stopDoubted = isStopDoubted({ firstDripS, markMl: kit.markMl, markS, stoppedS, drainedMl })
  const observation = {
    pouredMl,
    firstDripS,
    markMl: kit.markMl,
    markS,
    stoppedS: stopDoubted ? null : stoppedS,
    endS: stoppedS === null || stopDoubted ? kit.endS : stoppedS,
    drainedMl,
  }
  const { mlPerMin, retainedMl, retainedShare, stalled } = drainReadings(observation)
  const seconds = (name: string, value: number | null) =>
    value === null ? [] : [{ name, value, unit: 's' } as const]
  return {
    observation,
    stalled,
    stopDoubted,
    values: [
      ...seconds('firstDrip', firstDripS),
      ...seconds('mark', markS),
      ...seconds('stopped', observation.stoppedS),
      ...(mlPerMin === null
        ? []
        : [{ name: 'mlPerMin', value: mlPerMin, unit: 'mL/min' } as const]),
      { name: 'drained', value: drainedMl, unit: 'mL' },
      { name: 'retained', value: retainedMl, unit: 'mL' },
      { name: 'retainedShare', value: retainedShare, unit: 'share' },
    ],
  }
}

/** So many times faster than up to the mark the rest would have had to run. */
const TOO_FAST = 5
const CUP_ML = 50

/** Whether more ran out than can have between the mark and the end that was tapped. */
function isStopDoubted({
  firstDripS,
  markMl,
  markS,
  stoppedS,
  drainedMl,
}: Pick<DrainObservation, 'firstDripS' | 'markMl' | 'markS' | 'stoppedS' | 'drainedMl'>): boolean {
  if (markS === null || stoppedS === null || stoppedS < markS) return false
  const rest = drainedMl - markMl
  if (rest <= CUP_ML) return false
  const before = markMl / Math.max(1, markS - (firstDripS ?? 0))
  return rest / Math.max(0.5, stoppedS - markS) > TOO_FAST * before
}

function drainVerdicts(
  { markS, markMl }: DrainObservation,
  { stalled, stopDoubted }: { readonly stalled: boolean; readonly stopDoubted: boolean },
  stoodOnTop: boolean,
  { expected }: TestContext,
): BenchVerdict[] {
  const verdicts: BenchVerdict[] = []
  if (stalled) verdicts.push(said('drain.stalled', 'act'))
  else if (markS === null) verdicts.push(said('drain.untimed', 'act'))
  else if (expected?.markS) {
    const { verdict, ratio } = timeAgainstExpected(Math.max(0.5, markS), expected.markS)
    verdicts.push({
      id: `drain.${verdict}`,
      tone: verdict === 'as expected' ? 'ok' : 'act',
      told: { markMl, seconds: markS, expected: expected.markS, ratio },
    })
  }
  if (stopDoubted) verdicts.push(said('drain.stop-doubted', 'act'))
  if (stoodOnTop) verdicts.push(said('drain.stood', 'act'))
  return verdicts
}
