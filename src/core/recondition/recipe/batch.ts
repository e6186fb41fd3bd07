import { type Component, type Material, packedYield, settlingShare } from '../../media'
import type { RecipeLimits } from './recipeTypes'

/** What the solver mixes from, once the materials are chosen. */
export interface BatchSources {
  /** Components of the lot (or base), whose parts sum to 1. */
  readonly lot: readonly Component[]
  readonly usableLitres: number
  /** Of the base where a new mix is made; the lot costs nothing. */
  readonly lotPricePerLitre: number
  /** Wanted once the mix has settled, L. */
  readonly settledLitres: number
  readonly compost: Material | null
  readonly fresh: Material | null
  readonly limits: RecipeLimits
}

export interface AddedShare {
  readonly material: Material
  readonly share: number
}

/** Shares of parts asked for; the old mix takes what is left. */
export interface BatchShares {
  readonly compost: number
  readonly aggregate: AddedShare | null
  /** What goes in to hold water. */
  readonly holder?: AddedShare | null
  /** Fresh mix that goes in even where the lot would do. */
  readonly freshAtLeast: number
}

export interface Batch {
  readonly components: readonly Component[]
  readonly volumeYield: number
  /** How far it sinks when it is watered in: by a test where there is one, else by its parts. */
  readonly settlingShare: number
  /** All that is measured out, L. */
  readonly partLitres: number
  readonly shares: {
    readonly lot: number
    readonly compost: number
    readonly aggregate: number
    readonly holder: number
    readonly fresh: number
  }
  readonly aggregate: Material | null
  readonly holder: Material | null
}

/**
 * Fills a batch: the lot first, then fresh mix, then more compost, each within its limit, so that the mix comes to
 * the litres wanted. Yield depends on the shares and the shares on the yield, so both are found together.
 */
export function fillBatch(sources: BatchSources, wanted: BatchShares): Batch {
  const { limits } = sources
  const aggregate = wanted.aggregate?.share ?? 0
  const holder = wanted.holder?.share ?? 0
  const open = 1 - aggregate - holder
  const maxFresh = sources.fresh ? limits.maxFreshShare : 0
  const yieldOf = yieldsOf(sources, wanted)
  const settlingOf = settlingsOf(sources, wanted)
  const enoughOf = (compost: number, fresh: number) =>
    sources.settledLitres / ((1 - settlingOf(compost, fresh)) * yieldOf(compost, fresh))

  let compost = wanted.compost
  let fresh = settle(wanted.freshAtLeast, (share) => {
    const partLitres = enoughOf(compost, share)
    return Math.max(wanted.freshAtLeast, open - compost - sources.usableLitres / partLitres)
  })
  if (fresh > maxFresh) {
    fresh = maxFresh
    const mostCompost = compost > 0 ? Math.max(compost, limits.maxCompostShare) : compost
    compost = settle(compost, (share) => {
      const partLitres = enoughOf(share, fresh)
      const missing = open - fresh - sources.usableLitres / partLitres
      return Math.max(wanted.compost, Math.min(mostCompost, missing))
    })
  }

  const components = componentsOf(sources, wanted, compost, fresh)
  const yieldOfMix = yieldOf(compost, fresh)
  const lot = Math.max(0, open - compost - fresh)
  const enough = enoughOf(compost, fresh)
  const partLitres = lot > 0 ? Math.min(enough, sources.usableLitres / lot) : enough
  return {
    components,
    volumeYield: yieldOfMix,
    settlingShare: settlingOf(compost, fresh),
    partLitres,
    shares: { lot, compost, aggregate, holder, fresh },
    aggregate: aggregate > 0 ? (wanted.aggregate?.material ?? null) : null,
    holder: holder > 0 ? (wanted.holder?.material ?? null) : null,
  }
}

const SETTLED = 1e-13
/** Secant steps before plain rounds take over: where a limit is met the share jumps, and steps may swing across it. */
const SECANT_STEPS = 12

/** Fixed point of a share that barely changes the yield, by secant steps on the change it makes. */
function settle(start: number, next: (share: number) => number): number {
  let before = start
  let changeBefore = next(before) - before
  let share = before + changeBefore
  if (Math.abs(changeBefore) < SETTLED) return share
  for (let round = 0; round < 100; round++) {
    const change = next(share) - share
    if (Math.abs(change) < SETTLED) return share + change
    const slope = (change - changeBefore) / (share - before)
    const isSteady = round < SECANT_STEPS && Number.isFinite(slope) && slope < -0.1
    before = share
    changeBefore = change
    share = isSteady ? share - change / slope : share + change
  }
  return share
}

/** The yield of a batch for shares of compost and fresh mix: the grains are looked up once, their shares as asked. */
function yieldsOf(
  { lot, compost: compostMaterial, fresh: freshMaterial }: BatchSources,
  { aggregate, holder }: BatchShares,
): (compost: number, fresh: number) => number {
  const grains: { sizeMm: number; interPorosity: number; share: number }[] = []
  const add = (material: Material | null | undefined, share: number) => {
    const { grainMm = 1, interPorosity = 0 } = material ?? {}
    grains.push({ sizeMm: grainMm, interPorosity, share: material ? share : 0 })
  }
  for (const { material } of lot) add(material, 0)
  const compostAt = grains.length
  add(compostMaterial, 0)
  const freshAt = grains.length
  add(freshMaterial, 0)
  add(aggregate?.material, aggregate?.share ?? 0)
  add(holder?.material, holder?.share ?? 0)
  const set = (at: number, share: number) => {
    const grain = grains[at]
    if (grain) grain.share = share
  }
  const added = (aggregate?.share ?? 0) + (holder?.share ?? 0)
  return (compost, fresh) => {
    const lotShare = lotShareOf(compost, fresh, aggregate, holder)
    const compostThere = compostMaterial ? compost : 0
    const freshThere = freshMaterial ? fresh : 0
    let lotTotal = 0
    for (const { parts } of lot) lotTotal += parts
    const total = lotShare * lotTotal + compostThere + freshThere + added
    for (let at = 0; at < lot.length; at++) {
      set(at, ((lot[at] as Component).parts * lotShare) / total)
    }
    set(compostAt, compostThere / total)
    set(freshAt, freshThere / total)
    if (aggregate) set(freshAt + 1, aggregate.share / total)
    if (holder) set(freshAt + 2, holder.share / total)
    return packedYield(grains)
  }
}

/** How far a batch settles for shares of compost and fresh mix: linear in them. */
function settlingsOf(
  sources: BatchSources,
  wanted: BatchShares,
): (compost: number, fresh: number) => number {
  const { limits, lot, compost: compostMaterial, fresh: freshMaterial } = sources
  const tested = limits.settlingShare
  if (tested !== null) return () => tested
  const settlingOf = (material: Material | null | undefined) =>
    material ? settlingShare({ components: [{ material, parts: 1 }] }) : 0
  const own = lot.length > 0 ? settlingShare({ components: lot }) : 0
  const { aggregate, holder } = wanted
  const [compostSinks, freshSinks] = [settlingOf(compostMaterial), settlingOf(freshMaterial)]
  const added =
    (aggregate?.share ?? 0) * settlingOf(aggregate?.material) +
    (holder?.share ?? 0) * settlingOf(holder?.material)
  return (compost, fresh) =>
    lotShareOf(compost, fresh, aggregate, holder) * own +
    (compostMaterial ? compost * compostSinks : 0) +
    (freshMaterial ? fresh * freshSinks : 0) +
    added
}

function componentsOf(
  sources: BatchSources,
  { aggregate, holder }: BatchShares,
  compost: number,
  fresh: number,
): Component[] {
  const lotShare = lotShareOf(compost, fresh, aggregate, holder)
  const added: readonly (readonly [Material | null | undefined, number])[] = [
    [sources.compost, compost],
    [aggregate?.material, aggregate?.share ?? 0],
    [holder?.material, holder?.share ?? 0],
    [sources.fresh, fresh],
  ]
  return [
    ...sources.lot.map((component) => ({ ...component, parts: component.parts * lotShare })),
    ...added.flatMap(([material, parts]) => (material && parts > 0 ? [{ material, parts }] : [])),
  ]
}

function lotShareOf(
  compost: number,
  fresh: number,
  aggregate: AddedShare | null | undefined,
  holder: AddedShare | null | undefined,
): number {
  return Math.max(0, 1 - compost - fresh - (aggregate?.share ?? 0) - (holder?.share ?? 0))
}
