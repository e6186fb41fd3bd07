import { DomainError } from '../../errors'
import type { BenchVerdict } from '../benchTypes'
import { jarReading } from '../jarReading'
import { meterReading } from '../meterReading'
import type { Derivations } from './derive'

/** Acidity, salts and what lime does. */
export const chemistryDerivations: Pick<Derivations, 'phEc' | 'jar'> = {
  phEc: (entered, { penCalibration, crop }) => {
    const reading = meterReading({ ...entered, calibration: penCalibration })
    const { ph, trust, ecAt25, ecBy, band } = reading
    const verdicts: BenchVerdict[] = []
    if (trust && !trust.trusted) {
      verdicts.push({
        id: 'pen.uncertain',
        tone: 'stop',
        told: { doubts: trust.doubts.join(','), slope: trust.slopePercent },
      })
    } else if (ph !== null) {
      verdicts.push(crop ? phVerdict(ph, crop) : { id: 'ph.kept', tone: 'ok', told: { ph } })
    }
    if (ecBy && band) {
      const high = crop !== null && ecBy.SME > crop.ecMaxSme
      verdicts.push({
        id: high ? 'ec.high' : 'ec.band',
        tone: high ? 'act' : 'ok',
        told: { band, sme: ecBy.SME, most: crop?.ecMaxSme ?? null, crop: crop?.name ?? null },
      })
    }
    return {
      outcome: {
        values: [
          ...(ph === null ? [] : [{ name: 'ph', value: ph, unit: 'pH' } as const]),
          ...(ecAt25 === null ? [] : [{ name: 'ecAt25', value: ecAt25, unit: 'dS/m' } as const]),
          ...(ecBy
            ? [
                { name: 'ecSme', value: ecBy.SME, unit: 'dS/m' } as const,
                { name: 'ec12', value: ecBy['1:2'], unit: 'dS/m' } as const,
                { name: 'ec15', value: ecBy['1:5'], unit: 'dS/m' } as const,
                { name: 'ecPourThrough', value: ecBy.pourThrough, unit: 'dS/m' } as const,
              ]
            : []),
        ],
        verdicts,
      },
      measurements: [
        // A pH that cannot be trusted is kept with its test, but nothing is limed by it.
        ...(ph !== null && trust?.trusted
          ? [
              {
                quantity: 'ph',
                value: ph,
                method: entered.method,
                readAs: { value: ph, unit: 'pH' },
              } as const,
            ]
          : []),
        ...(ecBy && entered.ecDsPerM !== null
          ? [
              {
                quantity: 'ecSme',
                value: ecBy.SME,
                method: entered.method,
                readAs: { value: entered.ecDsPerM, unit: 'dS/m', tempC: entered.tempC },
              } as const,
            ]
          : []),
      ],
    }
  },

  jar: ({ points, target, days }, { amendment }) => {
    if (!amendment) {
      throw new DomainError('bad-argument', 'That product is not in the list.', {
        field: 'amendmentId',
      })
    }
    const { gPerL, buffer, ph0, monotone, weeks, measurements } = jarReading({
      points,
      target,
      days,
      material: amendment,
    })
    return {
      outcome: {
        values: [
          { name: 'jarDose', value: gPerL, unit: 'g/L' },
          ...(buffer === null ? [] : [{ name: 'buffer', value: buffer, unit: 'g/L' } as const]),
          { name: 'ph0', value: ph0, unit: 'pH' },
        ],
        verdicts: [
          {
            id: gPerL > 0 ? 'jar.dose' : 'jar.there',
            tone: 'ok',
            told: { gPerL, product: amendment.name, target, weeks },
          },
          ...(monotone ? [] : [{ id: 'jar.uneven', tone: 'act', told: {} } as const]),
          ...(buffer === null ? [{ id: 'jar.no-buffer', tone: 'act', told: {} } as const] : []),
        ],
      },
      measurements,
    }
  },
}

function phVerdict(
  ph: number,
  { name, pHLow, pHHigh }: { name: string; pHLow: number; pHHigh: number },
): BenchVerdict {
  const id = ph < pHLow ? 'ph.low' : ph > pHHigh ? 'ph.high' : 'ph.inside'
  return {
    id,
    tone: id === 'ph.inside' ? 'ok' : 'act',
    told: { ph, low: pHLow, high: pHHigh, crop: name },
  }
}
