import { blendMedia, type Component } from '../../../core/media'
import { NotFound } from '../../../data/errors'
import { readLotNames } from '../../../data/media'
import { readMix } from '../../../data/mixes'
import type { TrialMedium } from '../../../data/trials'
import type { MediumBody } from '../../../messages/trials/trials'
import type { OpenDatabase } from '../../database'
import { readLotFacts, type Tables } from '../../lots'
import { refuseField } from '../../problem'

/** What pots are filled with, looked up. */
export interface KnownMedium {
  readonly name: string
  readonly address: string | null
  readonly components: readonly Component[]
  /** Litres of a lot that are there; null where more can be made or bought. */
  readonly there: number | null
}

/**
 * What was chosen, as the trial keeps it: of a mix the version named, or the one that is the newest now.
 * @throws Refused at the field where it is not there or holds nothing
 */
export async function keptMedium(
  db: OpenDatabase,
  tables: Tables,
  body: MediumBody,
  field: string,
): Promise<TrialMedium> {
  if (body.kind === 'mix') {
    const { name, versions } = await readMix(db, body.mixId)
    const version = body.version ?? versions[0].number
    if (!versions.some(({ number }) => number === version)) {
      refuseField(field, `${name} has no version ${version}: choose another.`)
    }
    return { kind: 'mix', mixId: body.mixId, version }
  }
  if (body.kind === 'bag' && !tables.materials.has(body.materialId)) {
    refuseField(field, 'Choose a material from the list.')
  }
  if (body.kind === 'lot') {
    const { lot, components } = await readLotFacts(db, tables, body.lotId)
    if (components.length === 0) refuseField(field, `${lot.name} is empty: choose another.`)
  }
  return body
}

/** @throws NotFound where a mix or a lot was put away meanwhile */
export async function knownMedium(
  db: OpenDatabase,
  tables: Tables,
  medium: TrialMedium,
): Promise<KnownMedium> {
  switch (medium.kind) {
    case 'mix': {
      const { name, versions } = await readMix(db, medium.mixId)
      const version = versions.find(({ number }) => number === medium.version) ?? versions[0]
      return {
        name: `${name}, version ${version.number}`,
        address: `/mixes/design?mix=${medium.mixId}`,
        there: null,
        components: version.parts.flatMap(({ materialId, litres }) => {
          const material = tables.materials.get(materialId)
          return material && litres > 0 ? [{ material, parts: litres }] : []
        }),
      }
    }
    case 'lot': {
      const { lot, components } = await readLotFacts(db, tables, medium.lotId)
      return {
        name: lot.name,
        address: `/lots/${lot.id}`,
        there: lot.contents.litres,
        components,
      }
    }
    case 'named':
      return { name: medium.name, address: null, there: null, components: [] }
    case 'bag': {
      const material = tables.materials.get(medium.materialId)
      return {
        name: material?.name ?? medium.materialId,
        address: null,
        there: null,
        components: material ? [{ material, parts: 1 }] : [],
      }
    }
  }
}

/** Its name alone; of what was put away since, what it was. */
export async function mediumName(
  db: OpenDatabase,
  tables: Tables,
  medium: TrialMedium,
): Promise<{ readonly name: string; readonly address: string | null }> {
  if (medium.kind === 'lot') {
    const names = await readLotNames(db, [medium.lotId])
    const name = names.get(medium.lotId)
    return name
      ? { name, address: `/lots/${medium.lotId}` }
      : { name: `lot ${medium.lotId}`, address: null }
  }
  try {
    return await knownMedium(db, tables, medium)
  } catch (error) {
    if (!(error instanceof NotFound)) throw error
    return { name: 'a mix that was put away', address: null }
  }
}

/** Both together as one mix: the second is that share of the litres. */
export function blended(
  base: readonly Component[],
  added: readonly Component[],
  share: number,
): readonly Component[] {
  const part = (components: readonly Component[], of: number) => {
    const total = components.reduce((sum, { parts }) => sum + parts, 0)
    return of > 0 ? components.map((one) => ({ ...one, parts: (one.parts / total) * of })) : []
  }
  return [...part(base, 1 - share), ...part(added, share)]
}

/** What is measured out so that so many litres are there once it is mixed. */
export function measuredOut(
  components: readonly Component[],
  litres: number,
): readonly { readonly name: string; readonly litres: number }[] {
  const { volumeYield } = blendMedia({ components })
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  const byName = new Map<string, number>()
  for (const { material, parts } of components) {
    const amount = (litres / volumeYield) * (parts / total)
    byName.set(material.name, (byName.get(material.name) ?? 0) + amount)
  }
  return [...byName].map(([name, amount]) => ({ name, litres: amount }))
}
