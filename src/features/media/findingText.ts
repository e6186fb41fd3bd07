import type { LotFinding } from '../../messages/media/lotFindingViews'
import type { Format } from '../../ui/format'
import { findings as findingWords } from '../../ui/texts/media/findings'
import { media as mediaWords } from '../../ui/texts/media/media'
import { carriedText } from '../found/foundText'

/** The one sentence about a lot, in words. */
export function findingText(finding: LotFinding, format: Format): string {
  const words = mediaWords.finding
  const percent = (share: number) => format.plain(format.percent(share))
  const litres = (value: number) => format.plain(format.litres(value))
  switch (finding.kind) {
    case 'order-open':
      return words.orderOpen(finding.done, finding.steps)
    case 'air-short':
      return words.airShort(
        percent(finding.air),
        percent(finding.airMin),
        finding.cropName,
        finding.isGrowing ? words.airWhileGrowing : words.airDeed,
      )
    case 'ph-off':
      return words.phOff(
        format.number(finding.ph, 1),
        format.number(finding.low, 1),
        format.number(finding.high, 1),
        finding.cropName,
        finding.deed
          ? words.phDeed[finding.deed.wateredIn ? 'wateredIn' : 'mixedIn'](
              format.plain(format.grams(finding.deed.grams)),
              finding.deed.name,
            )
          : words.phNextTime,
      )
    case 'salty':
      return words.salty(
        format.plain(format.conductivity(finding.ecSme)),
        format.number(finding.ecMax, 1),
        finding.cropName,
        finding.washLitres === undefined
          ? words.otherWater
          : words.washed(format.plain(format.litres(finding.washLitres))),
      )
    case 'look-for':
      return carriedText(finding.problemName, finding.from, 0, 'look', format)
    case 'found':
      return words.found(
        finding.from
          ? carriedText(
              finding.problemName,
              finding.from.name,
              finding.from.share,
              'carried',
              format,
            )
          : finding.problemName,
        format.day(finding.on),
        deedsOf(finding),
      )
    case 'held':
      return words.held[finding.why](format.day(finding.until))
    case 'overridden':
      return words.overridden(finding.reason, format.day(finding.on))
    case 'ready':
      return finding.isReady
        ? words.ready(finding.cropName, format.day(finding.on))
        : words.resting(finding.cropName, format.day(finding.on))
    case 'asks':
      return words.asks[finding.what](format.day(finding.on))
    case 'level-down':
      return words.levelDown(litres(finding.litres), litres(finding.room))
    case 'season-over':
      return words.seasonOver(finding.cropName)
    case 'growing':
      return words.growing(finding.cropName)
    case 'in-store':
      return words.inStore(finding.bin)
    case 'unplanted':
      return finding.servedYears === null
        ? words.unplanted
        : words.unplantedOld(format.number(finding.servedYears))
    case 'empty':
      return words.empty
  }
}

/** What is done about it; where there is no one deed, what may become of the mix. */
function deedsOf({ actions = [], verdict }: Extract<LotFinding, { kind: 'found' }>): string {
  const deeds = actions.map((action) => findingWords.actions[action])
  return deeds.length > 0 ? deeds.join(', ') : findingWords.verdicts[verdict].toLowerCase()
}
