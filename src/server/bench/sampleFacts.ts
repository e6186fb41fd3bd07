import type { Hydraulics, SamplePot } from '../../core/bench'
import type { Crop } from '../../core/chemistry'
import { blendMedia, type Component } from '../../core/media'
import type { Sample } from '../../data/bench'
import { NotFound } from '../../data/errors'
import { presentInnings, tableMaterial } from '../../data/media'
import { readMix } from '../../data/mixes'
import type { SampleView } from '../../messages/bench/benchViews'
import type { OpenDatabase } from '../database'
import { readCardFacts, strataOf, type Tables } from '../lots'
import { partsToComponents } from '../mixes'

/** What a test is made on, and what its composition lets expect. */
export interface SampleFacts {
  readonly sample: Sample
  readonly view: SampleView
  readonly components: readonly Component[]
  /** By its composition; null for a lot that holds nothing. */
  readonly prior: Hydraulics | null
  /** As its tests found it, else by its composition: what the next test is held against. */
  readonly present: Hydraulics | null
  readonly pot: SamplePot | null
  readonly crop: Crop | null
  /** The innings a lot is in; null for others, and between innings. */
  readonly innings: number | null
}

/** @throws NotFound for a sample that is not there */
export async function sampleFacts(
  db: OpenDatabase,
  tables: Tables,
  { kind, id }: Sample,
): Promise<SampleFacts> {
  const made = (
    name: string,
    components: readonly Component[],
    rest: Pick<SampleFacts, 'pot' | 'crop' | 'innings'>,
    present: Hydraulics | null = null,
  ): SampleFacts => ({
    sample: { kind, id },
    view: { kind, id, name, strata: strataOf(components) },
    components,
    prior: priorOf(components),
    present: present ?? priorOf(components),
    ...rest,
  })
  if (kind === 'lot') {
    const [facts] = await readCardFacts(db, tables, [Number(id)])
    if (!facts) throw new NotFound(`There is no lot ${id}.`)
    const { lot, components, container, surfaceCm, crop } = facts
    const innings = presentInnings(lot)?.number ?? lot.innings.at(-1)?.number ?? null
    return made(
      lot.name,
      components,
      {
        pot:
          container && surfaceCm
            ? { name: container.name, shape: container.shape, fillHeightCm: surfaceCm }
            : null,
        crop,
        innings,
      },
      facts.hydraulics,
    )
  }
  if (kind === 'mix') {
    const { name, versions } = await readMix(db, Number(id))
    const [{ parts, madeFor }] = versions
    const { shape, headspaceCm } = madeFor.container
    return made(name, partsToComponents(parts, tables.materials), {
      pot: {
        name: madeFor.containerName,
        shape,
        fillHeightCm: shape.heightCm - headspaceCm,
      },
      crop: madeFor.cropId ? (tables.crops.get(madeFor.cropId) ?? null) : null,
      innings: null,
    })
  }
  const material = tables.materials.get(String(id))
  if (!material) throw new NotFound('There is no such material.')
  // By its table: what its tests made of it is held against that.
  const byTable = (await tableMaterial(db, String(id))) ?? material
  const present = { curve: material.curve, ksCmPerS: material.ksCmPerS }
  return made(
    material.name,
    [{ material: byTable, parts: 1 }],
    { pot: null, crop: null, innings: null },
    present,
  )
}

function priorOf(components: readonly Component[]): Hydraulics | null {
  if (components.length === 0) return null
  const { curve, ksCmPerS } = blendMedia({ components })
  return { curve, ksCmPerS }
}
