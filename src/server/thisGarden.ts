import { Refused } from './problem'
import { gardenId } from './storage/gardenId'

const GARDEN_HEADER = 'innings-garden'

/**
 * Pages say which garden they show. What was entered in another one names rows that are something else here.
 * @throws Refused 409; scripts that say nothing are taken at their word
 */
export function requireThisGarden(request: Request, dataFolder: string): void {
  const asked = request.headers.get(GARDEN_HEADER)
  if (asked === null || asked === gardenId(dataFolder)) return
  throw new Refused(
    409,
    'other-garden',
    'This was entered in another garden, or before a copy of this one was put back: pots and lots may have other numbers here. Nothing was written. Look at it in this garden; then enter it anew, or send it all the same.',
  )
}
