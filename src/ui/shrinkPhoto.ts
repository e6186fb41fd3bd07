const LONGEST_PX = 1600
const JPEG_QUALITY = 0.82

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
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('The picture could not be written.'))),
      'image/jpeg',
      JPEG_QUALITY,
    ),
  )
}
