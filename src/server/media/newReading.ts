import { jarReading, saltReading } from '../../core/bench'
import { DomainError } from '../../core/errors'
import { listAmendments } from '../../data/chemistry'
import { NotFound } from '../../data/errors'
import { addMeasurement } from '../../data/media'
import { readSite } from '../../data/site'
import type { NewReading, ReadingAnswer } from '../../messages/media/readings'
import type { OpenDatabase } from '../database'

/**
 * Keeps a reading of a lot: salts as saturated extract at 25 °C, whatever they were read with; a jar test as the
 * buffer it implies.
 */
export async function newReading(
  db: OpenDatabase,
  lotId: number,
  reading: NewReading,
  at: Date,
): Promise<ReadingAnswer> {
  switch (reading.kind) {
    case 'ph':
      await addMeasurement(db, lotId, {
        quantity: 'ph',
        value: reading.value,
        method: reading.method,
        at,
        readAs: { value: reading.value, unit: 'pH' },
      })
      return { quantity: 'ph', value: reading.value }
    case 'ec': {
      const { value, method, tempC } = reading
      const { tapWater } = await readSite(db)
      const { ecBy } = saltReading({
        method,
        ecDsPerM: value,
        tempC,
        compensated: false,
        waterEcDsPerM: tapWater.ecDsPerM,
      })
      const ecSme = ecBy.SME
      await addMeasurement(db, lotId, {
        quantity: 'ecSme',
        value: ecSme,
        method,
        at,
        readAs: { value, unit: 'dS/m', tempC },
      })
      return { quantity: 'ecSme', value: ecSme }
    }
    case 'jar':
      return keepJarTest(db, lotId, reading, at)
  }
}

async function keepJarTest(
  db: OpenDatabase,
  lotId: number,
  { amendmentId, target, days, points }: Extract<NewReading, { kind: 'jar' }>,
  at: Date,
): Promise<ReadingAnswer> {
  const found = (await listAmendments(db)).find(({ amendment }) => amendment.id === amendmentId)
  if (!found) throw new NotFound('That product is not in the list.')
  const { measurements, ...test } = jarReading({ points, target, days, material: found.amendment })
  if (test.buffer === null) {
    const near = Math.abs(target - test.ph0) < 0.2
    throw new DomainError(
      'out-of-range',
      near
        ? 'The untreated jar is too near to the pH wanted to tell how strongly the mix holds on.'
        : `The untreated jar is past the pH wanted already, and ${found.amendment.name.toLowerCase()} leads away from it.`,
      { field: 'target' },
    )
  }
  for (const measured of measurements) await addMeasurement(db, lotId, { ...measured, at })
  return { quantity: 'buffer', value: test.buffer, gPerL: test.gPerL, weeks: test.weeks }
}
