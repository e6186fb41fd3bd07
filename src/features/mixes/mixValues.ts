import { containerVolume } from '../../core/containers'
import type { Component, Material } from '../../core/media'
import { mixWish, type PlaceForMix } from '../../core/mixes'
import { EXPOSURE_FACTORS } from '../../core/season'
import type { HouseholdMeasures } from '../../core/units'
import type { MixDesignPage, MixFor, PlantGroup } from '../../messages/mixes/mixViews'
import { readQuantity } from '../../ui/readQuantity'
import { DEFAULT_LOT, type LengthName, shapeOf, typedContainer } from '../media/newLotValues'

/** The designer's form, as typed. */
export type MixValues = Record<LengthName, string> & {
  name: string
  note: string
  parts: { materialId: string; litres: string }[]
  /** Which of the own containers, or `other` for the dimensions typed. */
  pot: string
  kind: 'round' | 'rectangular' | 'bowl'
  /** `crop:…`, `group:…` or nothing. */
  purpose: string
  exposure: MixFor['exposure']
  everyDays: string
}

const LIME_HATING: readonly PlantGroup['id'][] = ['lime-haters', 'airy-moist']
/** A third is common; more settles and salts the mix. */
const PERCENT = 100
const CROP_MOST_COMPOST = 0.35

/** Litres as they stand in a field: in hundredths, without a tail of zeros. */
export function litresText(litres: number): string {
  return `${Number(litres.toFixed(2))} L`
}

export function mixDefaults({ name, note, parts, madeFor, containers }: MixDesignPage): MixValues {
  const { container, cropId, groupId, exposure, everyDays } = madeFor
  const own = containers.findIndex(
    ({ shape, headspaceCm }) =>
      JSON.stringify([shape, headspaceCm]) ===
      JSON.stringify([container.shape, container.headspaceCm]),
  )
  const {
    name: _name,
    place: _place,
    origin: _origin,
    components: _none,
    count: _count,
    exposure: _exposure,
    ...lengths
  } = DEFAULT_LOT
  return {
    ...lengths,
    ...lengthsOf(container),
    kind: container.shape.kind,
    name,
    note,
    parts: parts.map(({ materialId, litres }) => ({ materialId, litres: litresText(litres) })),
    pot: own >= 0 ? String(own) : 'other',
    purpose: cropId ? `crop:${cropId}` : groupId ? `group:${groupId}` : '',
    exposure,
    everyDays: String(everyDays),
  }
}

function lengthsOf({ shape, headspaceCm }: MixFor['container']): Partial<MixValues> {
  const { kind, ...dimensions } = shape
  return Object.fromEntries([
    ...Object.entries(dimensions).map(([key, cm]) => [key.replace(/Cm$/, ''), `${cm} cm`]),
    ['headspace', `${headspaceCm} cm`],
  ])
}

/** The container chosen or typed; null while its dimensions make no sense. */
export function containerOf(
  values: MixValues,
  { containers }: Pick<MixDesignPage, 'containers'>,
  measures: HouseholdMeasures,
): (MixFor['container'] & { name: string; fillHeightCm: number; litres: number }) | null {
  const own = containers[Number(values.pot)]
  const typed = values.pot === 'other' || !own ? shapeOf({ ...values, count: '1' }, measures) : own
  if (!typed) return null
  const { shape, headspaceCm } = typed
  const fillHeightCm = shape.heightCm - headspaceCm
  if (!(fillHeightCm > 0)) return null
  return {
    shape,
    headspaceCm,
    name: own && values.pot !== 'other' ? own.name : '',
    fillHeightCm,
    litres: containerVolume({ shape, fillHeightCm }),
  }
}

/** What is measured out so far: rows with a material and an amount above 0. */
export function componentsOf(
  values: Pick<MixValues, 'parts'>,
  materials: ReadonlyMap<string, Material>,
  measures: HouseholdMeasures,
): Component[] {
  return values.parts.flatMap(({ materialId, litres }) => {
    const material = materials.get(materialId)
    const parts = readQuantity(litres, 'volume', measures).value
    return material && parts !== null && parts > 0 ? [{ material, parts }] : []
  })
}

/** What is asked of the mix: by its crop or its group. */
export function purposeOf({ purpose }: Pick<MixValues, 'purpose'>, page: MixDesignPage) {
  const composts = new Set(
    page.materials.flatMap(({ material }) => (material.group === 'compost' ? [material.id] : [])),
  )
  const [kind, id] = purpose.split(':')
  const crop = kind === 'crop' ? (page.crops.find((one) => one.id === id) ?? null) : null
  const group = kind === 'group' ? (page.groups.find((one) => one.id === id) ?? null) : null
  const wish = mixWish({ crop, group })
  const compost = (group?.starts ?? []).filter(([id]) => composts.has(id))
  const all = (group?.starts ?? []).reduce((sum, [, parts]) => sum + parts, 0)
  const started = compost.reduce((sum, [, parts]) => sum + parts, 0) / Math.max(1e-9, all)
  return {
    crop,
    group,
    wish,
    limeHater: crop?.limeHater ?? (group !== null && LIME_HATING.includes(group.id)),
    // What a group begins without it is not to be filled up with, cheap as it is.
    mostCompost: group === null ? CROP_MOST_COMPOST : started > 0 ? started + 0.1 : 0,
    mostFound: mostFoundFor(page.caps, crop?.id ?? null),
  }
}

/** The least share that trials found for each material, for this crop or for whatever grows. */
export function mostFoundFor(
  caps: MixDesignPage['caps'],
  cropId: string | null,
): Readonly<Record<string, number>> {
  const most: Record<string, number> = {}
  for (const cap of caps) {
    if (cap.cropId !== null && cap.cropId !== cropId) continue
    most[cap.materialId] = Math.min(most[cap.materialId] ?? 1, cap.maxPercent / PERCENT)
  }
  return most
}

export function placeOf(
  { exposure }: Pick<MixValues, 'exposure'>,
  page: MixDesignPage,
): PlaceForMix {
  return { ...page.place, exposureFactor: EXPOSURE_FACTORS[exposure] }
}

export function everyDaysOf({ everyDays }: Pick<MixValues, 'everyDays'>): number | null {
  const days = Number(
    everyDays
      .trim()
      .replace(',', '.')
      .replace(/\s*days?$/, ''),
  )
  return everyDays.trim() !== '' && days > 0 && days <= 60 ? days : null
}

/** What is sent to be written down; a part that is no quantity arrives as null and is refused at its field. */
export function mixBody(values: MixValues, page: MixDesignPage, measures: HouseholdMeasures) {
  const { crop, group } = purposeOf(values, page)
  const container = containerOf(values, page, measures)
  return {
    name: values.name,
    note: values.note,
    parts: values.parts.map(({ materialId, litres }) => ({
      materialId,
      litres: readQuantity(litres, 'volume', measures).value,
    })),
    madeFor: {
      container: container
        ? { shape: container.shape, headspaceCm: container.headspaceCm }
        : typedPot(values, measures),
      containerName: container?.name ?? '',
      cropId: crop?.id ?? null,
      groupId: group?.id ?? null,
      exposure: values.exposure,
      everyDays: everyDaysOf(values),
    },
  }
}

/** Dimensions as they were typed; what makes no sense is refused at its field. */
function typedPot(values: MixValues, measures: HouseholdMeasures) {
  const typed = typedContainer({ ...values, count: '1' }, measures)
  return typed && { shape: typed.shape, headspaceCm: typed.headspaceCm }
}

/** Litres of one part for which it makes up a share of all, the others as they are. */
export function litresForShare(share: number, others: number): number {
  return (Math.min(0.95, share) / (1 - Math.min(0.95, share))) * others
}
