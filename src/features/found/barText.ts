import type { CropBar } from '../../core/recondition'
import type { Format } from '../../ui/format'
import { bars as words } from '../../ui/texts/recondition/bars'
import { rotationGroupName } from '../../ui/texts/recondition/rotationGroups'

/** Why a crop may not go into a lot, in a sentence. */
export function barText(bar: CropBar, crop: string, format: Format): string {
  switch (bar.kind) {
    case 'given-up':
      return words.givenUp[bar.verdict]
    case 'family':
      return words.family(crop, rotationGroupName(bar.rotationGroup), bar.untilSeason)
    case 'held':
      return words.held(format.day(bar.until))
    case 'food':
      return words.food(crop)
    case 'seedlings':
      return words.seedlings
  }
}
