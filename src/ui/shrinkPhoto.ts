const LONGEST_PX = 1600
/** One after the other, until it is small enough. */
const JPEG_QUALITIES = [0.82, 0.7, 0.55, 0.4]
const LARGEST_BYTES = 800_000

/**
 * A picture made small enough to keep, as JPEG. It is drawn anew, which leaves out where and with what it was taken.
 * @throws when the file is no picture the browser can read
 */
export async function shrinkPhoto(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file)
  const scale = Math.min(1, LONGEST_PX / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * scale))
  canvas.height = Math.max(1, Math.round(picture.height * scale))
  const context = canvas.getContext('2d')
  if (!context) throw new Error('This browser gives no canvas.')
  context.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  for (const quality of JPEG_QUALITIES) {
    const photo = await jpegOf(canvas, quality)
    if (photo.size <= LARGEST_BYTES) return photo
  }
  throw new Error('The picture stays too large.')
}

function jpegOf(canvas: HTMLCanvasElement, quality: number): Promise<Blob> {
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('The picture could not be written.'))),
      'image/jpeg',
      quality,
    ),
  )
}

/** A picture as letters, to be sent with other things. */
export async function base64Of(photo: Blob): Promise<string> {
  const bytes = new Uint8Array(await photo.arrayBuffer())
  const AT_ONCE = 0x8000
  let text = ''
  for (let at = 0; at < bytes.length; at += AT_ONCE) {
    text += String.fromCharCode(...bytes.subarray(at, at + AT_ONCE))
  }
  return btoa(text)
}
