import type { LookedView } from '../../messages/media/lotViews'
import type { Format } from '../../ui/format'
import { looked as words } from '../../ui/texts/recondition/looked'

/** All that was answered when the pots of a lot were looked at, in a sentence: what is well as much as what is not. */
export function lookedText(look: LookedView, format: Format): string {
  const { on, roots, runsDownSide, drains, dropCm, smell, life, mulchCm, years } = look
  const signs = [
    words.roots[roots],
    ...(dropCm === null ? [] : [words.drop(format.plain(format.cm(dropCm)))]),
    runsDownSide ? words.runsDown : words.soaksIn,
    drains ? words.drains : words.stuck,
    ...(smell ? [words.smells[smell]] : []),
    ...(life ? [words.life[life]] : []),
    ...(mulchCm > 0 ? [words.mulch(format.plain(format.cm(mulchCm)))] : []),
    ...(years === null ? [] : [words.years(format.number(years, years % 1 === 0 ? 0 : 1))]),
  ]
  return words.looked(format.day(on), signs.join(', '))
}
