import { useMemo } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import type { Crop } from '../../core/chemistry'
import type { Component } from '../../core/media'
import {
  groupById,
  groupOfCrop,
  type MixAnswer,
  type MixBounds,
  type PlaceForMix,
} from '../../core/mixes'
import type { MixDesignPage, Wish } from '../../messages/mixes/mixViews'
import { useFields } from '../../ui/form/useForm'
import { useSite } from '../../ui/SiteContext'
import { mixes as mixesWords } from '../../ui/texts/mixes/mixes'
import type { Question } from '../../workers/jobs'
import { useCore } from '../../workers/useCore'
import {
  componentsOf,
  containerOf,
  everyDaysOf,
  type MixValues,
  mixDefaults,
  placeOf,
  purposeOf,
} from './mixValues'
import { useSaveMix } from './useSaveMix'

/** A mix under design: what was typed, what it stands for, and what was worked out of it. */
export interface Design extends ReturnType<typeof useSaveMix> {
  readonly page: MixDesignPage
  readonly form: UseFormReturn<MixValues>
  readonly changed: boolean
  readonly throwAway: () => void
  /** Of the form, all its rows of parts at once. */
  readonly replaceParts: (parts: MixValues['parts']) => void
  readonly components: readonly Component[]
  /** null while its dimensions make no sense. */
  readonly container: ReturnType<typeof containerOf>
  readonly place: PlaceForMix
  readonly crop: Crop | null
  readonly wish: Wish | null
  /** Name of the crop or group; null where the mix is for nothing in particular. */
  readonly what: string | null
  readonly limeHater: boolean
  readonly mostCompost: number
  /** By the id of a material, what trials found to be the most of it. */
  readonly mostFound: Readonly<Record<string, number>>
  /** What the mix may not be, by its plant group; null while its container makes no sense. */
  readonly bounds: MixBounds | null
  readonly everyDays: number | null
  /** null while there is nothing to work out. */
  readonly question: Question<'mixInPlace'> | null
  readonly answer: MixAnswer | null
  readonly refusal: string | null
  readonly progress: number | null
  readonly stop: () => void
}

export function useDesign(page: MixDesignPage): Design {
  const { site } = useSite()
  const defaults = useMemo(() => mixDefaults(page), [page])
  const draft = page.mix ? `mix/${page.mix.id}` : draftOf(page)
  const { form, values, throwAway } = useFields(draft, defaults)
  const saving = useSaveMix(form, page, throwAway)
  const materials = useMemo(
    () => new Map(page.materials.map(({ material }) => [material.id, material])),
    [page.materials],
  )
  const container = containerOf(values, page, site.measures)
  const { group, ...purpose } = purposeOf(values, page)
  const { crop } = purpose
  const place = placeOf(values, page)
  const components = componentsOf(values, materials, site.measures)
  // Kept the same while nothing that matters has changed: typing a name asks nothing.
  const key = JSON.stringify([
    components.map(({ material, parts }) => [material.id, parts]),
    container,
    crop?.id,
    group?.id,
    place.exposureFactor,
  ])
  // The key stands for all that is used here.
  const question = useMemo(
    () =>
      container && components.length > 0
        ? {
            components,
            container,
            crop,
            groupId: group?.id ?? null,
            place,
            humifiedFines: page.humifiedFines,
          }
        : null,
    [key],
  )
  const core = useCore('mix', 'mixInPlace', question, page.first)
  return {
    ...saving,
    ...purpose,
    page,
    form,
    throwAway,
    changed: JSON.stringify(values) !== JSON.stringify(defaults),
    replaceParts: (parts) => form.setValue('parts', parts),
    components,
    container,
    place,
    bounds: useMemo(
      () =>
        container &&
        boundsOf({
          ...purpose,
          groupId: group?.id ?? (crop && groupOfCrop(crop)),
          container,
          materials,
        }),
      [key, materials],
    ),
    what: crop?.name ?? (group ? mixesWords.groups[group.id].name : null),
    everyDays: everyDaysOf(values),
    question,
    answer: question ? core.answer : null,
    refusal: question ? core.refusal : null,
    progress: core.progress,
    stop: core.stop,
  }
}

/** The bounds of a plant group, with what its own start holds in this container. */
function boundsOf({
  groupId,
  wish,
  limeHater,
  mostCompost,
  mostFound = {},
  container: { shape, fillHeightCm },
  materials,
}: Omit<MixBounds, 'groupStart'> & {
  readonly materials: ReadonlyMap<string, Component['material']>
}): MixBounds {
  const starts = groupById(groupId)?.starts ?? []
  const groupStart = starts.flatMap(([id, parts]): Component[] => {
    const material = materials.get(id)
    return material ? [{ material, parts }] : []
  })
  const isWhole = groupStart.length === starts.length
  const container = { shape, fillHeightCm }
  const bounds = { groupId, wish, limeHater, mostCompost, mostFound, container }
  return isWhole ? { ...bounds, groupStart } : bounds
}

/** A draft belongs to what the design began with. */
function draftOf({ madeFor, name, parts }: MixDesignPage): string {
  return `mix/new/${madeFor.groupId ?? (name || parts[0]?.materialId || 'nothing')}`
}
