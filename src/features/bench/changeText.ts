import type { HistorySeries } from '../../messages/bench/benchViews'
import type { Format } from '../../ui/format'
import { benchScreens } from '../../ui/texts/bench/benchScreens'

const words = benchScreens.sample
/** So near to a simple fraction it is said as one. */
const NEAR = 0.03

/** "It lost a third of its air in two innings"; null where nothing telling has changed. */
export function changeText(
  { name, change }: Pick<HistorySeries, 'name' | 'change'>,
  format: Format,
): string | null {
  if (!change) return null
  const size = Math.abs(change.share)
  const simple = words.shares.find(([share]) => Math.abs(share - size) <= NEAR)
  const said = simple ? simple[1] : format.plain(format.percent(size))
  const innings = words.inningsCount(change.innings)
  return change.share < 0
    ? words.change.lost(said, words.what[name], innings)
    : words.change.gained(said, words.what[name], innings)
}
