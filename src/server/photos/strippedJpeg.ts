import { refuseField } from '../problem'

const NO_PICTURE = 'This is no photo that can be kept: choose a JPEG picture.'
const LONGEST_PX = 4096
/** A picture that comes in steps has a dozen; thousands keep whoever draws them busy for minutes. */
const MOST_SCANS = 64

const SOI = 0xd8
const EOI = 0xd9
const SOS = 0xda
const COM = 0xfe
/** Tells how the colours were made: without it some pictures come out in wrong ones. */
const ADOBE = 0xee
const JFIF = 0xe0
const FIRST_APP = 0xe0
const LAST_APP = 0xef
/** Start of a frame, but for the three markers among them that are none. */
const isFrame = (marker: number) =>
  marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker)

export interface Stripped {
  readonly bytes: Uint8Array
  readonly widthPx: number
  readonly heightPx: number
}

/**
 * A JPEG picture without what was written into it beside the picture: where and when it was taken and with what, its
 * small copy, comments, and anything after its end (the segments of ITU-T T.81, annex B).
 * @throws Refused at the photo where the bytes are no JPEG, or it is wider or higher than 4096 px
 */
export function strippedJpeg(bytes: Uint8Array): Stripped {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  const word = (at: number) => (at + 2 <= bytes.length ? view.getUint16(at) : noPicture())
  if (word(0) !== (0xff00 | SOI)) noPicture()
  const kept: Uint8Array[] = [bytes.subarray(0, 2)]
  let size: { widthPx: number; heightPx: number } | null = null
  let at = 2
  let scans = 0
  for (;;) {
    if (bytes[at] !== 0xff) noPicture()
    const marker = bytes[at + 1] ?? noPicture()
    if (marker === EOI) break
    const end = at + 2 + word(at + 2)
    if (end > bytes.length || end < at + 4) noPicture()
    if (marker === SOS && ++scans > MOST_SCANS) noPicture()
    if (isFrame(marker)) size = { heightPx: word(at + 5), widthPx: word(at + 7) }
    const last = marker === SOS ? endOfScan(bytes, end) : end
    if (!isBeside(marker)) kept.push(bytes.subarray(at, last))
    at = last
  }
  kept.push(Uint8Array.of(0xff, EOI))
  if (!size || size.widthPx === 0 || size.heightPx === 0 || kept.length < 4) return noPicture()
  if (Math.max(size.widthPx, size.heightPx) > LONGEST_PX) {
    return refuseField('jpeg', `The photo is larger than ${LONGEST_PX} px: make it smaller first.`)
  }
  return { ...size, bytes: Buffer.concat(kept) }
}

/** Where the drawn data of a scan end: at a marker that is neither a stuffed byte nor a restart. */
function endOfScan(bytes: Uint8Array, from: number): number {
  for (let at = from; at + 1 < bytes.length; at++) {
    const next = bytes[at + 1] ?? 0
    if (bytes[at] === 0xff && next !== 0 && next !== 0xff && !(next >= 0xd0 && next <= 0xd7)) {
      return at
    }
  }
  return noPicture()
}

function isBeside(marker: number): boolean {
  if (marker === COM) return true
  return marker >= FIRST_APP && marker <= LAST_APP && marker !== JFIF && marker !== ADOBE
}

function noPicture(): never {
  return refuseField('jpeg', NO_PICTURE)
}
