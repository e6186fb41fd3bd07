import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { SMALL_JPEG } from '../../../testing/smallJpeg'
import { readPhoto, setLogCounts } from '../../data/season'
import { potPage } from '../containers'
import { Refused } from '../problem'
import { newPhoto } from './newPhoto'
import { strippedJpeg } from './strippedJpeg'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const picture = Buffer.from(SMALL_JPEG, 'base64')

/** A segment of a JPEG: its marker, its length, what it holds. */
function segment(marker: number, text: string): Buffer {
  const length = Buffer.alloc(2)
  length.writeUInt16BE(text.length + 2)
  return Buffer.concat([Buffer.from([0xff, marker]), length, Buffer.from(text, 'latin1')])
}

/** The picture as a telephone would hand it out. */
const asTaken = Buffer.concat([
  picture.subarray(0, 2),
  segment(0xe1, 'Exif\0\0 GPS 50.4 N 4.1 W'),
  segment(0xed, 'made brighter by me'),
  segment(0xfe, 'my garden'),
  picture.subarray(2),
  Buffer.from('and a film behind its end'),
])

const refused = (bytes: Uint8Array) =>
  assert.throws(
    () => strippedJpeg(bytes),
    (error: unknown) => error instanceof Refused && error.fields[0]?.field === 'jpeg',
  )

test('what is written beside a picture is left out, and the picture stays as it is', () => {
  const { bytes, widthPx, heightPx } = strippedJpeg(asTaken)
  assert.deepEqual([widthPx, heightPx], [8, 6])
  assert.deepEqual(Buffer.from(bytes), picture)
})

test('a picture that has nothing beside it comes out as it went in', () => {
  assert.deepEqual(Buffer.from(strippedJpeg(picture).bytes), picture)
})

test('what is no picture is refused: other bytes, one cut off anywhere, one too large', () => {
  refused(new Uint8Array())
  refused(Buffer.from('GIF89a'))
  refused(Buffer.from('<svg onload="alert(1)"/>'))
  refused(Buffer.from([0xff, 0xd8, 0xff, 0xd9]))
  for (let length = 0; length < picture.length - 2; length++) refused(picture.subarray(0, length))
  const large = Buffer.from(picture)
  const frame = large.indexOf(Buffer.from([0xff, 0xc0]))
  large.writeUInt16BE(9000, frame + 7)
  refused(large)
})

test('a picture that is drawn in thousands of steps is refused, one in a dozen is not', () => {
  const scan = picture.indexOf(Buffer.from([0xff, 0xda]))
  const drawn = (times: number) =>
    Buffer.concat([
      picture.subarray(0, scan),
      ...Array.from({ length: times }, () => picture.subarray(scan, -2)),
      picture.subarray(-2),
    ])
  assert.ok(strippedJpeg(drawn(12)).bytes.length > 0)
  refused(drawn(65))
  refused(drawn(3000))
})

test('a photo stands in the log of its pot with the plant of that day, and can be taken back', async () => {
  const id = await newPhoto(
    garden.db,
    2,
    { jpeg: asTaken.toString('base64'), note: 'first flowers' },
    NOW,
  )
  const [entry] = (await potPage(garden.db, 2)).log
  assert.equal(entry?.id, id.id)
  assert.equal(entry?.kind, 'photo')
  assert.equal(entry?.note, 'first flowers')
  assert.ok(entry?.photoId)
  assert.deepEqual(Buffer.from(await readPhoto(garden.db, entry.photoId)), picture)
  await setLogCounts(garden.db, id.id, false, NOW)
  assert.ok(!(await potPage(garden.db, 2)).log.some(({ kind }) => kind === 'photo'))
  await setLogCounts(garden.db, id.id, true, NOW)
  assert.equal((await potPage(garden.db, 2)).log[0]?.photoId, entry.photoId)
})

test('what is no photo leaves nothing in the log', async () => {
  const before = (await potPage(garden.db, 3)).log.length
  await assert.rejects(newPhoto(garden.db, 3, { jpeg: 'bm8=', note: '' }, NOW), Refused)
  assert.equal((await potPage(garden.db, 3)).log.length, before)
})
