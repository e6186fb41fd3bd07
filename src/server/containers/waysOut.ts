import { type ContainerShape, containerVolume } from '../../core/containers'
import { containerCapacity } from '../../core/media'
import { cropAfterTrouble, daysAfterTrouble, occasions, troubleAgain } from '../../core/recondition'
import { nearestPlace, sizeThatDoes } from '../../core/season'
import type { Place, StoredContainer } from '../../data/containers'
import type { PotLogEntry } from '../../data/season'
import type { Site } from '../../data/site'
import type { TroubleWays } from '../../messages/containers/potViews'
import { dayAt } from '../clock'
import type { LotFacts } from '../lots'
import { dryDownIn, type Standing } from './potWater'

/** So much sooner it should be dry again where it stays wet: the turn of a quarter longer where it dries too fast. */
const SOONER = 1.25
const MORE_AIR = 0.04
const PERCENT = 100
/** A small root in a much larger pot stays wet all the more. */
const MOST_ROOM_WET = 1.5
/** A pot for the same plant holds at least so much of what it has now. */
const ROOM_FOR_IT = 0.7

interface Asked {
  readonly container: StoredContainer
  readonly surfaceCm: number
  readonly facts: LotFacts
  /** What grows in it, or grew last. */
  readonly crop: NonNullable<LotFacts['crop']>
  /** What counts since its mix was made, the newest first. */
  readonly log: readonly PotLogEntry[]
  readonly site: Site
  readonly places: readonly Place[]
  readonly pots: readonly StoredContainer[]
}

/**
 * What would change least for a pot that was seen too wet or too dry again: the watering, another place of the garden,
 * another pot, each worked out for its own mix and the month it was seen in.
 * @returns null where nothing was seen twice
 */
export function waysOut(asked: Asked): TroubleWays | null {
  const { container, surfaceCm, facts, crop, log, site, places } = asked
  const seen = seenIn(log, site)
  const kind = troubleAgain(seen)
  if (!kind) return null
  const last = log.find((entry) => entry.kind === (kind === 'wet' ? 'stays wet' : 'dries fast'))
  if (!last) return null
  const { exposure } = container
  const on = dayAt(site.timeZone, last.at)
  const standing = { shape: container.shape, fillHeightCm: surfaceCm, exposure, on }
  const dry = dryDownIn(standing, facts, crop, site)
  const days = dry?.days ?? null
  const wanted =
    days === null ? null : kind === 'wet' ? days / SOONER : (daysAfterTrouble(days, seen) ?? days)
  const place =
    days === null || wanted === null ? null : nearestPlace(days, exposure, wanted, places)
  const ways: Omit<TroubleWays, 'pot' | 'size'> = {
    kind,
    times: kind === 'wet' ? seen.staysWet : seen.driesFast,
    month: Number(on.slice(5, 7)) - 1,
    days,
    air: airIn(standing, facts),
    place: place && { name: place.place.name, days: place.days },
  }
  const judged =
    kind === 'wet' ? airJudge(asked, ways.air) : daysJudge(asked, standing, wanted, dry?.canopyCm2)
  return { ...ways, ...potFor(asked, kind, judged) }
}

/** On how many occasions, by the days at the site. */
function seenIn(log: readonly PotLogEntry[], { timeZone }: Pick<Site, 'timeZone'>) {
  const times = (kind: PotLogEntry['kind']) =>
    occasions(log.filter((entry) => entry.kind === kind).map((entry) => dayAt(timeZone, entry.at)))
  return { staysWet: times('stays wet'), driesFast: times('dries fast') }
}

/** What was seen once: that may be the weather. null where it was seen again, never, or its opposite as well. */
export function seenOnce(
  log: readonly PotLogEntry[],
  site: Pick<Site, 'timeZone'>,
): TroubleWays['kind'] | null {
  const { staysWet, driesFast } = seenIn(log, site)
  if (staysWet === 1 && driesFast === 0) return 'wet'
  return driesFast === 1 && staysWet === 0 ? 'dry' : null
}

/** What a shape comes to, and whether that does it. */
interface Judge {
  readonly value: (shape: ContainerShape, headspaceCm: number) => number | null
  readonly wanted: number | null
}

function airJudge({ facts, crop }: Asked, air: number | null): Judge {
  const low = cropAfterTrouble(crop, { staysWet: 2, driesFast: 0 }).airMinPercent / PERCENT
  return {
    wanted: air === null ? null : Math.max(low, air + MORE_AIR),
    value: (shape, headspaceCm) =>
      airIn({ shape, fillHeightCm: shape.heightCm - headspaceCm }, facts),
  }
}

function daysJudge(
  { facts, crop, site }: Asked,
  standing: Standing,
  wanted: number | null,
  canopyCm2: number | undefined,
): Judge {
  return {
    wanted,
    value: (shape, headspaceCm) => {
      const fillHeightCm = shape.heightCm - headspaceCm
      return (
        dryDownIn({ ...standing, shape, fillHeightCm }, facts, crop, site, canopyCm2)?.days ?? null
      )
    },
  }
}

/** The smallest empty pot of the garden that does it, or else the size one would need. */
function potFor(
  { container, pots }: Asked,
  kind: TroubleWays['kind'],
  { value, wanted }: Judge,
): Pick<TroubleWays, 'pot' | 'size'> {
  if (wanted === null) return { pot: null, size: null }
  const empty = pots
    .filter((pot) => pot.lotId === null && pot.litres >= container.litres * ROOM_FOR_IT)
    .map((pot) => ({ pot, value: value(pot.shape, pot.headspaceCm) ?? 0 }))
    .filter((one) => one.value >= wanted)
    .filter(({ pot }) => kind === 'dry' || pot.litres <= container.litres * MOST_ROOM_WET)
    .sort((a, b) => a.pot.litres - b.pot.litres)[0]
  if (empty) {
    const { id, code, name, litres } = empty.pot
    return { pot: { id, code, name, litres, value: empty.value }, size: null }
  }
  const { headspaceCm } = container
  const shape = sizeThatDoes(
    container.shape,
    kind === 'wet' ? 'taller' : 'larger',
    (one) => (value(one, headspaceCm) ?? 0) >= wanted,
    kind === 'wet' ? MOST_ROOM_WET : undefined,
  )
  if (!shape) return { pot: null, size: null }
  const litres = containerVolume({ shape, fillHeightCm: shape.heightCm - headspaceCm })
  return { pot: null, size: { shape, litres, value: value(shape, headspaceCm) ?? 0 } }
}

function airIn(
  { shape, fillHeightCm }: Pick<Standing, 'shape' | 'fillHeightCm'>,
  { hydraulics }: LotFacts,
): number | null {
  if (!hydraulics || !(fillHeightCm > 0)) return null
  return containerCapacity({ curve: hydraulics.curve, shape, fillHeightCm }).airFraction
}
