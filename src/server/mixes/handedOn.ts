import type { Crop } from '../../core/chemistry'
import type { Material } from '../../core/media'
import { listFindings } from '../../data/trials'
import type { MixDesignPage } from '../../messages/mixes/mixViews'
import type { OpenDatabase } from '../database'

/** What trials handed on: for which crops a mix is the standard, and how much of a material is safe. */
export async function handedOn(
  db: OpenDatabase,
  mixId: number | null,
  crops: readonly Crop[],
  materials: ReadonlyMap<string, Material>,
): Promise<Pick<MixDesignPage, 'standardFor' | 'caps'>> {
  const found = await listFindings(db)
  const nameOf = (cropId: string | null) =>
    cropId === null ? null : (crops.find(({ id }) => id === cropId)?.name ?? cropId)
  return {
    standardFor: found.flatMap(({ kind, medium, cropId, trialId, trialName }) =>
      kind === 'standard' && medium.kind === 'mix' && medium.mixId === mixId
        ? [{ trialId, trialName, cropName: nameOf(cropId), version: medium.version }]
        : [],
    ),
    caps: found.flatMap(({ kind, medium, cropId, trialId, trialName, maxPercent }) =>
      kind === 'cap' && medium.kind === 'bag' && maxPercent !== null
        ? [
            {
              trialId,
              trialName,
              materialId: medium.materialId,
              materialName: materials.get(medium.materialId)?.name ?? medium.materialId,
              cropId,
              cropName: nameOf(cropId),
              maxPercent,
            },
          ]
        : [],
    ),
  }
}
