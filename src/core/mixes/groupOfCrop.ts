import type { Crop } from '../chemistry'
import type { PlantGroupId } from './plantGroups'

/** Crops of several years want a structure that lasts as long. */
const LONG_STAY_WEEKS = 52

/** The plant group whose mix a crop begins with. */
export function groupOfCrop({
  kind,
  limeHater,
  waterPreference,
  feeder,
  weeksInPot,
}: Pick<Crop, 'kind' | 'limeHater' | 'waterPreference' | 'feeder' | 'weeksInPot'>): PlantGroupId {
  if (kind === 'seedling') return 'seedlings'
  if (kind === 'epiphyte') return 'epiphytes'
  if (kind === 'carnivorous' || waterPreference === 'wet') return 'airy-moist'
  if (kind === 'succulent') return 'succulents'
  if (limeHater) return 'lime-haters'
  if (waterPreference === 'dry-between') return 'likes-dry'
  if (weeksInPot > LONG_STAY_WEEKS && (kind === 'shrub' || kind === 'fruit')) return 'long-stay'
  return feeder === 'heavy' ? 'hungry-edibles' : 'most'
}
