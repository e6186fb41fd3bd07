import { requireShape } from '../../core/containers'
import { DomainError } from '../../core/errors'
import type { LedgerLine, Material } from '../../core/media'
import { addContainers } from '../../data/containers'
import { inTransaction } from '../../data/inTransaction'
import { createLot, materialsById } from '../../data/media'
import type { NewLotAnswer, NewLotBody } from '../../messages/media/lots'
import type { OpenDatabase } from '../database'
import { litresThatFit, refuseTooMuch } from '../lots'
import { Refused } from '../problem'

interface Measured {
  readonly material: Material
  readonly litres: number
}

const STORE = 'Store'

/**
 * Makes a lot, its containers and its first ledger line, together or not at all. Litres that do not go into the
 * containers become a lot in the store where that was asked for.
 */
export async function newLot(db: OpenDatabase, body: NewLotBody, at: Date): Promise<NewLotAnswer> {
  const components = await requireComponents(db, body)
  const { container } = body
  if (container) requireContainer(container)
  const wanted = components.reduce((sum, { litres }) => sum + litres, 0)
  const fits = container ? fitting(container, components) : wanted
  if (wanted > fits && body.rest !== 'store') {
    refuseTooMuch(
      'components',
      wanted,
      fits,
      'Add a pot, make less, or keep the rest as a lot in the store.',
    )
  }
  const share = Math.min(1, fits / wanted)
  return inTransaction(db, async (tx) => {
    const containerIds = container
      ? await addContainers(
          tx,
          {
            name: body.name,
            place: body.place,
            shape: container.shape,
            headspaceCm: container.headspaceCm,
            exposure: container.exposure,
          },
          container.count,
        )
      : []
    const { name, origin } = body
    const id = await createLot(tx, {
      name,
      origin,
      storeBin: container ? null : body.place,
      containerIds,
      lines: [filledWith(components, share)],
      at,
      yearsTold: body.years ?? null,
    })
    if (share === 1) return { id, restId: null }
    const restId = await createLot(tx, {
      name: `${name}, left over`,
      origin,
      storeBin: STORE,
      containerIds: [],
      lines: [filledWith(components, 1 - share)],
      at,
    })
    return { id, restId }
  })
}

async function requireComponents(db: OpenDatabase, body: NewLotBody): Promise<Measured[]> {
  const materials = await materialsById(db)
  const measured = body.components.flatMap(({ materialId, litres }, index) => {
    if (litres === 0) return []
    const material = materials.get(materialId)
    if (!material) {
      throw new Refused(422, 'not-valid', 'Choose a material from the list.', [
        { field: `components.${index}.materialId`, message: 'Choose a material from the list.' },
      ])
    }
    return [{ material, litres }]
  })
  if (measured.length === 0) {
    throw new DomainError('too-few', 'Say how many litres: at least one part must be above 0.', {
      field: 'components',
    })
  }
  return measured
}

function requireContainer({ shape, headspaceCm }: NonNullable<NewLotBody['container']>): void {
  requireShape(shape)
  if (headspaceCm >= shape.heightCm) {
    throw new Refused(422, 'not-valid', 'The headspace must be less than the height.', [
      { field: 'container.headspaceCm', message: 'The headspace must be less than the height.' },
    ])
  }
}

function fitting(
  { shape, count }: NonNullable<NewLotBody['container']>,
  components: readonly Measured[],
): number {
  const shapes = Array.from({ length: count }, () => shape)
  return litresThatFit(
    shapes,
    components.map(({ material, litres }) => ({ material, parts: litres })),
  )
}

function filledWith(components: readonly Measured[], share: number): LedgerLine {
  const parts = components.map(({ material, litres }) => ({
    materialId: material.id,
    litres: litres * share,
  }))
  const litres = parts.reduce((sum, part) => sum + part.litres, 0)
  return { kind: 'filled', litres, components: parts, doses: [], note: null }
}
