import type { Crop } from '../../core/chemistry'
import type { Component } from '../../core/media'
import { limeBar } from '../../core/recondition'
import type { Database } from '../../data/database'
import { openPlantings } from '../../data/season'
import { Refused } from '../problem'
import type { CardFacts, Tables } from './lotFacts'

const SENTENCES = {
  lime: (what: string, crop: string) =>
    `${what} brings lime, and ${crop.toLowerCase()} does not bear it: take something without, or say why all the same.`,
  alkaline: (what: string, crop: string) =>
    `${what} is too alkaline for ${crop.toLowerCase()}: take an acid mix, or say why all the same.`,
} as const

/** What comes to the roots of plants, as far as lime goes. */
interface Coming {
  /** Named in the sentence. */
  readonly what: string
  readonly components: readonly Component[]
  readonly unreactedLimeGPerL?: number
  readonly ph?: number | undefined
}

/** @throws Refused 422 "limed" where it brings lime to a lime hater, or is too alkaline for it */
export function refuseLimeFor(crop: Crop, { what, ...coming }: Coming): void {
  const bar = limeBar({ crop, ...coming })
  if (!bar) return
  const message = SENTENCES[bar](what, crop.name)
  throw new Refused(422, 'limed', message, [{ field: 'despite', message }])
}

/** The same for all that grows in a lot now. */
export async function refuseLimeIn(
  db: Database,
  { lot, crop }: Pick<CardFacts, 'lot' | 'crop'>,
  tables: Pick<Tables, 'crops'>,
  coming: Coming,
): Promise<void> {
  const growing = (await openPlantings(db)).filter(({ containerId }) =>
    lot.containerIds.includes(containerId),
  )
  const crops = new Map(
    growing.flatMap(({ cropId }) => {
      const found = tables.crops.get(cropId)
      return found ? [[cropId, found] as const] : []
    }),
  )
  const isOpen = lot.innings.some(({ endedOn }) => endedOn === null)
  if (crop && isOpen) crops.set(crop.id, crop)
  for (const one of crops.values()) refuseLimeFor(one, coming)
}
