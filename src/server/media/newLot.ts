import { requireShape } from '../../core/containers'
import { DomainError } from '../../core/errors'
import type { LedgerLine } from '../../core/media'
import { addContainers } from '../../data/containers/containers'
import { createLot } from '../../data/media/lots'
import { materialsById } from '../../data/media/materials'
import type { NewLotBody } from '../../messages/media/lots'
import type { OpenDatabase } from '../database'
import { Refused } from '../problem'

/** Makes a lot, its containers and its first ledger line, together or not at all. */
export async function newLot(db: OpenDatabase, body: NewLotBody, at: Date): Promise<number> {
  const materials = await materialsById(db)
  const components = body.components.filter(({ litres }) => litres > 0)
  if (components.length === 0) {
    throw new DomainError('too-few', 'Say how many litres: at least one part must be above 0.', {
      field: 'components',
    })
  }
  const unknown = components.findIndex(({ materialId }) => !materials.has(materialId))
  if (unknown >= 0) {
    throw new Refused(422, 'not-valid', 'Choose a material from the list.', [
      { field: `components.${unknown}.materialId`, message: 'Choose a material from the list.' },
    ])
  }
  const { container } = body
  if (container) {
    requireShape(container.shape)
    if (container.headspaceCm >= container.shape.heightCm) {
      throw new Refused(422, 'not-valid', 'The headspace must be less than the height.', [
        { field: 'container.headspaceCm', message: 'The headspace must be less than the height.' },
      ])
    }
  }
  const line: LedgerLine = {
    kind: 'filled',
    litres: components.reduce((sum, { litres }) => sum + litres, 0),
    components: components.map(({ materialId, litres }) => ({ materialId, litres })),
    doses: [],
    note: null,
  }
  return db.transaction(async (tx) => {
    const containerIds = container
      ? await addContainers(
          tx,
          {
            name: body.name,
            place: body.place,
            shape: container.shape,
            headspaceCm: container.headspaceCm,
          },
          container.count,
        )
      : []
    return createLot(tx, {
      name: body.name,
      origin: body.origin,
      storeBin: container ? null : body.place,
      containerIds,
      lines: [line],
      at,
    })
  })
}
