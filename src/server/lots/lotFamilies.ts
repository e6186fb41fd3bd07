import { familiesIn } from '../../core/recondition'
import type { Database } from '../../data/database'
import type { LotCard } from '../../data/media'
import { plantingsOfLot } from '../../data/season'
import type { LotFamily } from '../../messages/media/lotViews'
import type { Tables } from './lotFacts'

/** Families that stood in a lot's mix, by season, the newest first: in all its pots, and in all that came into it. */
export async function lotFamilies(
  db: Database,
  lot: Pick<LotCard, 'id' | 'innings' | 'heritage'>,
  { crops }: Pick<Tables, 'crops'>,
): Promise<LotFamily[]> {
  const grown = [
    ...lot.innings.map(({ cropId, startedOn, plantedOn, endedOn }) => ({
      // What was only planned did not grow.
      cropId: plantedOn === null && endedOn === null ? null : cropId,
      startedOn,
    })),
    ...(await plantingsOfLot(db, lot.id)),
  ].flatMap(({ cropId, startedOn }) => {
    const crop = cropId === null ? undefined : crops.get(cropId)
    return crop && crop.rotationGroup !== 'none'
      ? [{ crop, startedOn, season: Number(startedOn.slice(0, 4)) }]
      : []
  })
  const served = grown.map(({ crop, startedOn, season }) => ({
    rotationGroup: crop.rotationGroup,
    season,
    startedOn,
  }))
  return familiesIn(served, lot.heritage).map((family) => ({
    ...family,
    crops: [
      ...new Set(
        grown
          .filter(
            ({ crop, season }) =>
              crop.rotationGroup === family.rotationGroup && season === family.season,
          )
          .map(({ crop }) => crop.name),
      ),
    ],
  }))
}

/** Of this season and the last: rotation asks no further back. */
export function recentFamilies(families: readonly LotFamily[], today: string): LotFamily[] {
  return families.filter(({ season }) => season >= Number(today.slice(0, 4)) - 1)
}
