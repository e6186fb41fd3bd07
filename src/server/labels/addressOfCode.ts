import { listContainers } from '../../data/containers'
import { NotFound } from '../../data/errors'
import { readLotVersions } from '../../data/media'
import type { OpenDatabase } from '../database'

/**
 * Where the code of a label leads: to its pot, or to its lot. Capitals do not matter.
 * @throws NotFound
 */
export async function addressOfCode(db: OpenDatabase, code: string): Promise<string> {
  const asked = code.trim().toLocaleLowerCase()
  const pots = await listContainers(db)
  const pot = pots.find((one) => one.code.toLocaleLowerCase() === asked)
  if (pot) return `/pots/${pot.id}`
  const lotId = Number(/^l(\d{1,9})$/.exec(asked)?.[1] ?? 0)
  if (lotId > 0 && (await readLotVersions(db, [lotId])).has(lotId)) return `/lots/${lotId}`
  throw new NotFound(
    `Nothing is called ${code.trim().slice(0, 40)} here. Its label may be of another garden, or it was given another code since.`,
  )
}
