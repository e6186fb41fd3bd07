import type { Database } from '../../data/database'
import { plantLot } from '../../data/season'
import { readSite } from '../../data/site'
import type { Planted } from '../../messages/media/lots'
import { dayAt } from '../clock'
import { Refused } from '../problem'

/** Says when the crop of a lot's present innings went in. */
export async function planted(
  db: Database,
  lotId: number,
  { on }: Planted,
  at: Date,
): Promise<Planted> {
  const today = dayAt((await readSite(db)).timeZone, at)
  if (on !== null && on > today) {
    const message = 'That day has not come yet: say it when it is planted'
    throw new Refused(422, 'not-valid', message, [{ field: 'on', message }])
  }
  await plantLot(db, lotId, on)
  return { on }
}
