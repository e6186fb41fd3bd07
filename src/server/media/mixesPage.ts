import { EXPOSURE_FACTORS, mixInPlace, mixWish } from '../../core/season'
import { PLANT_GROUPS } from '../../data/defaults/plantGroups'
import { listLots } from '../../data/media/lots'
import { listMaterials, materialsById } from '../../data/media/materials'
import { listMixes } from '../../data/media/mixes'
import { listCrops } from '../../data/season/crops'
import { readSite } from '../../data/site/site'
import type { MixesPage } from '../../messages/media/mixes'
import type { OpenDatabase } from '../database'
import { strataOf } from './lotFacts'
import { groupById, partsToComponents, worstMonth } from './mixSetting'

/** All recipes with what they do where they were designed for, and where a new one may begin. */
export async function mixesPage(db: OpenDatabase): Promise<MixesPage> {
  const site = await readSite(db)
  const materials = await materialsById(db)
  const crops = await listCrops(db)
  const { place } = worstMonth(site)
  const humifiedFines = materials.get('humified-fines')
  if (!humifiedFines) throw new Error('The material that rotten mix becomes is missing.')
  const listed = await listMaterials(db)
  return {
    mixes: (await listMixes(db)).map(({ id, name, versions: [{ number, parts, madeFor }] }) => {
      const components = partsToComponents(parts, materials)
      const crop = crops.find((one) => one.id === madeFor.cropId) ?? null
      const group = groupById(madeFor.groupId)
      const { shape, headspaceCm } = madeFor.container
      const wish = mixWish({ crop, group })
      const { capacity, dry } = mixInPlace({
        components,
        container: { shape, fillHeightCm: shape.heightCm - headspaceCm },
        crop,
        place: { ...place, exposureFactor: EXPOSURE_FACTORS[madeFor.exposure] },
        humifiedFines,
      })
      return {
        id,
        name,
        version: number,
        strata: strataOf(components),
        air: capacity.airFraction,
        days: dry.days,
        containerName: madeFor.containerName,
        cropName: crop?.name ?? null,
        groupId: group?.id ?? null,
        airMin: wish?.airMin ?? null,
        airMax: wish?.airMax ?? null,
      }
    }),
    groups: PLANT_GROUPS,
    bags: listed
      .filter(({ material }) => material.group === 'bagged mix')
      .map(({ material: { id, name } }) => ({ id, name })),
    lots: (await listLots(db))
      .filter(({ contents }) => contents.litres > 0)
      .map(({ id, name }) => ({ id, name })),
  }
}
