import { addContainers, requireContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { NotFound } from '../../data/errors'

/** Adds containers like one, coded by the next free numbers. */
export async function morePots(
  db: Database,
  id: number,
  count: number,
): Promise<{ readonly ids: readonly number[] }> {
  const [like] = await requireContainers(db, [id])
  if (!like) throw new NotFound(`There is no container ${id}.`)
  const { name, place, outerShape: shape, headspaceCm, exposure } = like
  return { ids: await addContainers(db, { name, place, shape, headspaceCm, exposure }, count) }
}
