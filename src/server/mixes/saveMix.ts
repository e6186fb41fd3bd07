import { requireShape } from '../../core/containers'
import { DomainError } from '../../core/errors'
import { blendMedia, type LedgerLine } from '../../core/media'
import { groupById, type MixFor } from '../../core/mixes'
import { createLot, listMaterials, materialsById } from '../../data/media'
import { addMixVersion, createMix, type NewVersion, readMix } from '../../data/mixes'
import { listCrops } from '../../data/season'
import type { MixToLotBody, NewMixBody, NextVersionBody } from '../../messages/mixes/mixes'
import type { OpenDatabase } from '../database'
import { Refused } from '../problem'
import { partsToComponents } from './mixSetting'

/** Writes a recipe down. */
export async function saveMix(db: OpenDatabase, body: NewMixBody, at: Date): Promise<number> {
  return createMix(db, { ...(await checked(db, body, [])), name: body.name, at })
}

/** Adds a version to a recipe; what it holds already may stay in it though it was put away. */
export async function saveNextVersion(
  db: OpenDatabase,
  id: number,
  { after, ...body }: NextVersionBody,
  at: Date,
): Promise<number> {
  const { versions } = await readMix(db, id)
  const kept = versions[0].parts.map(({ materialId }) => materialId)
  return addMixVersion(db, id, { ...(await checked(db, body, kept)), name: body.name, after, at })
}

async function checked(
  db: OpenDatabase,
  { parts, madeFor, note }: NewMixBody,
  kept: readonly string[],
): Promise<NewVersion> {
  const known = new Set([...(await listMaterials(db)).map(({ material }) => material.id), ...kept])
  const wrong = parts.findIndex(({ materialId }) => !known.has(materialId))
  if (wrong >= 0) {
    const message = 'This material was put away: take it out, or take it up again first.'
    throw new Refused(422, 'not-valid', message, [{ field: `parts.${wrong}.materialId`, message }])
  }
  const measured = parts.filter(({ litres }) => litres > 0)
  if (measured.length === 0) {
    throw new DomainError('too-few', 'Measure out at least one material: all parts are 0.', {
      field: 'parts',
    })
  }
  await requireKnown(db, madeFor)
  const { shape, headspaceCm } = madeFor.container
  requireShape(shape)
  if (headspaceCm >= shape.heightCm) {
    const message = 'The headspace must be less than the height.'
    throw new Refused(422, 'not-valid', message, [
      { field: 'madeFor.container.headspaceCm', message },
    ])
  }
  return { parts: measured, madeFor, note: note.trim() || null }
}

/** @throws Refused for a crop or group that is not in the lists */
async function requireKnown(db: OpenDatabase, { cropId, groupId }: MixFor): Promise<void> {
  const refuse = (field: string, message: string): never => {
    throw new Refused(422, 'not-valid', message, [{ field: `madeFor.${field}`, message }])
  }
  if (cropId !== null && !(await listCrops(db)).some(({ id }) => id === cropId)) {
    refuse('cropId', 'There is no such crop in the list.')
  }
  if (groupId !== null && !groupById(groupId)) {
    refuse('groupId', 'There is no such group of plants.')
  }
}

/** A batch of the newest version as a lot that waits in a store bin. */
export async function mixToLot(
  db: OpenDatabase,
  id: number,
  { litres, name, storeBin }: MixToLotBody,
  at: Date,
): Promise<number> {
  const mix = await readMix(db, id)
  const [{ number, parts }] = mix.versions
  const { volumeYield } = blendMedia({
    components: partsToComponents(parts, await materialsById(db)),
  })
  const total = parts.reduce((sum, part) => sum + part.litres, 0)
  // What is measured out shrinks when it is mixed; a lot is told by the litres it is.
  const components = parts.map((part) => ({
    materialId: part.materialId,
    litres: (litres * part.litres) / total,
  }))
  const line: LedgerLine = {
    kind: 'filled',
    litres,
    components,
    doses: [],
    note: `${mix.name}, version ${number}: ${(litres / volumeYield).toFixed(1)} L measured out`,
  }
  return createLot(db, {
    name,
    origin: 'own recipe',
    storeBin,
    containerIds: [],
    lines: [line],
    at,
  })
}
