import { writePackage } from '../src/server/trials/package/writePackage'
import { TRIAL_OF_TWO_BAGS } from './answers'

const { treatments, ...trial } = TRIAL_OF_TWO_BAGS
const pot = (code: string, treatment: number) => ({
  pot: code,
  treatment,
  block: 0,
  position: treatment,
  row: 0,
  column: treatment,
  replicate: 0,
  crop_id: null,
  left_out_on: null,
  left_out_for: null,
  left_out_why: null,
})

/** A small finished trial as a data package, in base64. */
export const PACKED_TRIAL = Buffer.from(
  writePackage(
    {
      ...trial,
      decides: null,
      decidesDay: null,
      columns: 2,
      seed: 7,
      plantedOn: '2026-05-01',
      closedOn: '2026-06-15',
      lessons: 'Net it.',
    },
    {
      treatments: treatments.map(({ name }, treatment) => ({
        treatment,
        name,
        medium: 'All-purpose bagged mix',
        material_id: 'all-purpose-mix',
        added: null,
        added_material_id: null,
        dose_percent: 0,
        care: null,
      })),
      pots: [pot('ZZ91', 0), pot('ZZ92', 1)],
      readings: ['ZZ91', 'ZZ92'].map((code) => ({
        pot: code,
        date: '2026-05-29',
        day: 28,
        measure: 'height',
        value: 21.5,
        unit: 'cm',
      })),
      events: [{ pot: 'ZZ92', date: '2026-05-20', kind: 'animal', problem: null, note: 'a cat' }],
    },
    new Date('2026-06-16T09:00:00Z'),
  ),
).toString('base64')
