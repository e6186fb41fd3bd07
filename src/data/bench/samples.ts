import { eq, type SQL } from 'drizzle-orm'
import type { SampleKind } from '../../core/bench'
import { among } from '../among'
import type { Database } from '../database'
import { lots } from '../media/lotTables'
import { materialsById } from '../media/materials'
import { mixes } from '../mixes/mixTables'
import type { benchTests, sampleCalibrations } from './benchTables'

/** What a test is made on. */
export interface Sample {
  readonly kind: SampleKind
  readonly id: number | string
}

/** Tells samples apart. */
export function sampleKey({ kind, id }: Sample): string {
  return `${kind}:${id}`
}

/** What samples are called, by their keys; also those that were put away. */
export async function readSampleNames(
  db: Database,
  samples: readonly Sample[],
): Promise<ReadonlyMap<string, string>> {
  const idsOf = (kind: SampleKind) =>
    samples.filter((one) => one.kind === kind).map(({ id }) => Number(id))
  const [lotIds, mixIds] = [idsOf('lot'), idsOf('mix')]
  const lotRows =
    lotIds.length === 0
      ? []
      : await db.select({ id: lots.id, name: lots.name }).from(lots).where(among(lots.id, lotIds))
  const mixRows =
    mixIds.length === 0
      ? []
      : await db
          .select({ id: mixes.id, name: mixes.name })
          .from(mixes)
          .where(among(mixes.id, mixIds))
  const materials = await materialsById(db)
  return new Map([
    ...lotRows.map(({ id, name }) => [sampleKey({ kind: 'lot', id }), name] as const),
    ...mixRows.map(({ id, name }) => [sampleKey({ kind: 'mix', id }), name] as const),
    ...[...materials.values()].map(
      ({ id, name }) => [sampleKey({ kind: 'material', id }), name] as const,
    ),
  ])
}

export function sampleOf({
  lotId,
  mixId,
  materialId,
}: Pick<typeof benchTests.$inferSelect, 'lotId' | 'mixId' | 'materialId'>): Sample {
  if (lotId !== null) return { kind: 'lot', id: lotId }
  if (mixId !== null) return { kind: 'mix', id: mixId }
  if (materialId !== null) return { kind: 'material', id: materialId }
  throw new Error('A test has no sample.')
}

export function columnOf({ kind, id }: Sample) {
  return {
    lotId: kind === 'lot' ? Number(id) : null,
    mixId: kind === 'mix' ? Number(id) : null,
    materialId: kind === 'material' ? String(id) : null,
  }
}

export function ofSample(
  table: typeof benchTests | typeof sampleCalibrations,
  { kind, id }: Sample,
): SQL {
  if (kind === 'lot') return eq(table.lotId, Number(id))
  if (kind === 'mix') return eq(table.mixId, Number(id))
  return eq(table.materialId, String(id))
}
