import { a as addPhoto, P as PHOTO_BODY_BYTES, n as newPhotoSchema } from '../../../../chunks/photos_BGZrlu5h.mjs';
import { p as potParamsSchema } from '../../../../chunks/pots_DNz7mDGc.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import { f as requireContainers } from '../../../../chunks/database_CmGvnzKd.mjs';
import { w as writeLog } from '../../../../chunks/potLog_GKYz53d1.mjs';
import { g as growingPlanting } from '../../../../chunks/readPlantings_DNU2tg8T.mjs';
import { r as refuseField } from '../../../../chunks/problem_BTADoVqZ.mjs';
export { renderers } from '../../../../renderers.mjs';

const NO_PICTURE = "This is no photo that can be kept: choose a JPEG picture.";
const LONGEST_PX = 4096;
const SOI = 216;
const EOI = 217;
const SOS = 218;
const COM = 254;
const ADOBE = 238;
const JFIF = 224;
const FIRST_APP = 224;
const LAST_APP = 239;
const isFrame = (marker) => marker >= 192 && marker <= 207 && ![196, 200, 204].includes(marker);
function strippedJpeg(bytes) {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const word = (at2) => at2 + 2 <= bytes.length ? view.getUint16(at2) : noPicture();
  if (word(0) !== (65280 | SOI)) noPicture();
  const kept = [bytes.subarray(0, 2)];
  let size = null;
  let at = 2;
  for (; ; ) {
    if (bytes[at] !== 255) noPicture();
    const marker = bytes[at + 1] ?? noPicture();
    if (marker === EOI) break;
    const end = at + 2 + word(at + 2);
    if (end > bytes.length || end < at + 4) noPicture();
    if (isFrame(marker)) size = { heightPx: word(at + 5), widthPx: word(at + 7) };
    const last = marker === SOS ? endOfScan(bytes, end) : end;
    if (!isBeside(marker)) kept.push(bytes.subarray(at, last));
    at = last;
  }
  kept.push(Uint8Array.of(255, EOI));
  if (!size || size.widthPx === 0 || size.heightPx === 0 || kept.length < 4) return noPicture();
  if (Math.max(size.widthPx, size.heightPx) > LONGEST_PX) {
    return refuseField("jpeg", `The photo is larger than ${LONGEST_PX} px: make it smaller first.`);
  }
  return { ...size, bytes: Buffer.concat(kept) };
}
function endOfScan(bytes, from) {
  for (let at = from; at + 1 < bytes.length; at++) {
    const next = bytes[at + 1] ?? 0;
    if (bytes[at] === 255 && next !== 0 && next !== 255 && !(next >= 208 && next <= 215)) {
      return at;
    }
  }
  return noPicture();
}
function isBeside(marker) {
  if (marker === COM) return true;
  return marker >= FIRST_APP && marker <= LAST_APP && marker !== JFIF && marker !== ADOBE;
}
function noPicture() {
  return refuseField("jpeg", NO_PICTURE);
}

async function newPhoto(db, containerId, { jpeg, note }, at) {
  const [container] = await requireContainers(db, [containerId]);
  const lotId = container?.lotId ?? null;
  const photo = strippedJpeg(Buffer.from(jpeg, "base64"));
  const growing = lotId === null ? null : await growingPlanting(db, containerId, lotId);
  const id = await db.transaction(
    async (tx) => writeLog(tx, {
      containerId,
      plantingId: growing?.id ?? null,
      lotId,
      at,
      kind: "photo",
      value: null,
      problemId: null,
      findingId: null,
      photoId: await addPhoto(tx, photo),
      note: note.trim() || null
    })
  );
  return { id };
}

const POST = defineEndpoint({
  params: potParamsSchema,
  body: newPhotoSchema,
  limitBytes: PHOTO_BODY_BYTES,
  status: 201,
  needs: "log",
  handle: ({ db, params, body, now }) => newPhoto(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
