import type { BenchValue, BenchVerdict } from '../benchTypes'
import { heatRecord } from '../heatRecord'
import { judgedSeedlings, type SeedlingsOfShare, seedlingsByShare } from '../seedlingRecord'
import { weedCount, weedsInAll } from '../weedCount'
import type { Derivations } from './derive'

/** What grows in it, and what heat does to that. */
export const growthDerivations: Pick<Derivations, 'seedling' | 'weeds' | 'heat'> = {
  seedling: (observed) => {
    const { answer, missing, sprouted, height, isCurled, curledCount } = judgedSeedlings(observed)
    const ranged = {
      ...(sprouted
        ? { sprouted: sprouted.ratio, sproutedLow: sprouted.low, sproutedHigh: sprouted.high }
        : {}),
      ...(height ? { height: height.ratio, heightLow: height.low, heightHigh: height.high } : {}),
    }
    const verdicts: BenchVerdict[] = [
      {
        id: `seedling.${answer}`,
        tone: answer === 'clean' ? 'ok' : answer === 'too-weak' ? 'act' : 'stop',
        told: {
          ...ranged,
          ...(answer === 'too-weak' ? { missing: missing.join(' ') } : {}),
          ...(answer === 'harmed' && isCurled ? { curled: curledCount } : {}),
        },
      },
    ]
    if (answer === 'harmed' && isCurled) {
      verdicts.push({ id: 'seedling.weedkiller', tone: 'stop', told: {} })
    }
    return {
      outcome: {
        values: seedlingsByShare(observed.pots).flatMap(seedlingValues),
        verdicts,
      },
    }
  },

  weeds: ({ areaCm2, counts, untreatedAreaCm2, untreatedCount }) => {
    const { per100Cm2, interval, ratio } = weedCount({
      tray: { areaCm2, count: weedsInAll(counts) },
      untreated:
        untreatedAreaCm2 !== null && untreatedCount !== null
          ? { areaCm2: untreatedAreaCm2, count: untreatedCount }
          : null,
    })
    return {
      outcome: {
        values: [
          { name: 'weeds', value: per100Cm2, unit: 'per 100 cm²' },
          ...(ratio ? [{ name: 'weedRatio', value: ratio.value, unit: 'share' } as const] : []),
        ],
        verdicts: [
          {
            id: 'weeds',
            tone: 'ok',
            told: { per: per100Cm2, low: interval[0], high: interval[1] },
          },
          ...(ratio
            ? [
                {
                  id: ratio.interval[1] < 1 ? 'weeds.fewer' : 'weeds.no-difference',
                  tone: 'ok',
                  told: { ratio: ratio.value, low: ratio.interval[0], high: ratio.interval[1] },
                } as const,
              ]
            : []),
        ],
      },
    }
  },

  heat: ({ readings }, { problem }) => {
    const dose =
      problem && problem.tempC !== null && problem.minutes !== null
        ? { tempC: problem.tempC, minutes: problem.minutes }
        : null
    const record = heatRecord({ readings, dose })
    const minutes = (name: string, value: number) => ({ name, value, unit: 'min' }) as const
    const verdicts: BenchVerdict[] = []
    if (dose && problem && record.verdict !== 'no dose') {
      verdicts.push({
        id: `heat.${record.verdict}`,
        tone: record.verdict === 'done' ? 'ok' : 'act',
        told: {
          problem: problem.name,
          tempC: dose.tempC,
          minutes: record.minutesAtDose,
          needed: dose.minutes,
          missing: record.missingMinutes,
        },
      })
    } else if (problem) {
      verdicts.push({ id: 'heat.no help', tone: 'stop', told: { problem: problem.name } })
    }
    if (record.tooHot)
      verdicts.push({ id: 'heat.too hot', tone: 'stop', told: { peak: record.peakC } })
    return {
      outcome: {
        values: [
          minutes('minutesAt60', record.minutesAt60),
          minutes('minutesAt71', record.minutesAt71),
          minutes('minutesAt82', record.minutesAt82),
          { name: 'peak', value: record.peakC, unit: '°C' },
        ],
        verdicts,
      },
    }
  },
}

function seedlingValues({
  sharePercent,
  sproutedShare,
  heightMm,
  curledCount,
}: SeedlingsOfShare): BenchValue[] {
  return [
    { name: `sprouted ${sharePercent}`, value: sproutedShare, unit: 'share' },
    ...(heightMm === null
      ? []
      : [{ name: `seedlingHeight ${sharePercent}`, value: heightMm / 10, unit: 'cm' } as const]),
    ...(curledCount === 0
      ? []
      : [{ name: `curled ${sharePercent}`, value: curledCount, unit: 'seedlings' } as const]),
  ]
}
