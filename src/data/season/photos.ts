import { eq } from 'drizzle-orm'
import type { Database } from '../database'
import { NotFound } from '../errors'
import { photos } from './plantingTables'

export interface NewPhoto {
  /** JPEG. */
  readonly bytes: Uint8Array
  readonly widthPx: number
  readonly heightPx: number
}

export async function addPhoto(db: Database, photo: NewPhoto): Promise<number> {
  const [made] = await db.insert(photos).values(photo).returning({ id: photos.id })
  if (!made) throw new Error('The photo was not written.')
  return made.id
}

/** The JPEG of a photo. @throws NotFound */
export async function readPhoto(db: Database, id: number): Promise<Uint8Array> {
  const [photo] = await db.select({ bytes: photos.bytes }).from(photos).where(eq(photos.id, id))
  if (!photo) throw new NotFound(`There is no photo ${id}.`)
  return photo.bytes
}
