import { MEASURE_RANGE } from '../../../core/trials'
import { daysBetween } from '../../../core/units'
import type { Trial } from '../../../data/trials'
import type { OpenDatabase } from '../../database'
import type { Tables } from '../../lots'
import type { TrialCourse } from '../look/courseOf'
import { mediumName } from '../plan/media'
import type { PackageRows } from './schema'

/** Everything of a trial as rows: what was compared, where each pot stood, what was read, what happened. */
export async function packageRows(
  db: OpenDatabase,
  tables: Tables,
  trial: Trial,
  { pots, plantedOn }: TrialCourse,
): Promise<PackageRows> {
  const treatments = []
  for (const { number, name, medium, added, dose, care } of trial.treatments) {
    treatments.push({
      treatment: number,
      name,
      medium: (await mediumName(db, tables, medium)).name,
      material_id: medium.kind === 'bag' ? medium.materialId : null,
      added: added ? (await mediumName(db, tables, added)).name : null,
      added_material_id: added?.kind === 'bag' ? added.materialId : null,
      dose_percent: dose,
      care: care || null,
    })
  }
  const numberOf = new Map(trial.treatments.map(({ id, number }) => [id, number]))
  return {
    treatments,
    pots: trial.potList.map((pot) => ({
      pot: pot.code,
      treatment: numberOf.get(pot.treatmentId) ?? 0,
      block: pot.block,
      position: pot.position,
      row: pot.row,
      column: pot.column,
      replicate: pot.replicate,
      crop_id: pot.cropId,
      left_out_on: pot.excludedOn,
      left_out_for: pot.excludedFor,
      left_out_why: pot.excludedWhy,
    })),
    readings: pots.flatMap(({ code, records }) =>
      records.map(({ on, measure, value }) => ({
        pot: code,
        date: on,
        day: daysBetween(plantedOn, on),
        measure,
        value,
        unit: MEASURE_RANGE[measure].unit || null,
      })),
    ),
    events: pots.flatMap(({ code, events, diedOn }) => [
      ...events.map(({ on, kind, problemName, note }) => ({
        pot: code,
        date: on,
        kind,
        problem: problemName,
        note: note || null,
      })),
      // Said at the end of its planting, not as an event.
      ...(diedOn != null && !events.some(({ kind }) => kind === 'died')
        ? [{ pot: code, date: diedOn, kind: 'died', problem: null, note: null }]
        : []),
    ]),
  }
}
