import { requireContainers } from '../../data/containers'
import type { Database } from '../../data/database'
import { inTransaction } from '../../data/inTransaction'
import { addPhoto, growingPlanting, writeLog } from '../../data/season'
import type { NewPhoto } from '../../messages/containers/photos'
import { strippedJpeg } from './strippedJpeg'

/**
 * Keeps a photo of a container and writes it into its log.
 * @returns the number of the entry
 * @throws Refused where it is none
 */
export async function newPhoto(
  db: Database,
  containerId: number,
  { jpeg, note }: NewPhoto,
  at: Date,
): Promise<{ readonly id: number }> {
  const [container] = await requireContainers(db, [containerId])
  const lotId = container?.lotId ?? null
  const photo = strippedJpeg(Buffer.from(jpeg, 'base64'))
  const growing = lotId === null ? null : await growingPlanting(db, containerId, lotId)
  const id = await inTransaction(db, async (tx) =>
    writeLog(tx, {
      containerId,
      plantingId: growing?.id ?? null,
      lotId,
      at,
      kind: 'photo',
      value: null,
      problemId: null,
      findingId: null,
      photoId: await addPhoto(tx, photo),
      note: note.trim() || null,
    }),
  )
  return { id }
}
