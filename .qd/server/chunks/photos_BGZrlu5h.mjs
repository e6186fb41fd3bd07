import { eq } from 'drizzle-orm';
import { N as NotFound } from './problem_BTADoVqZ.mjs';
import { b1 as photos } from './database_CmGvnzKd.mjs';
import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { e as lines, j as id } from './rules_BOjb8_mp.mjs';

async function addPhoto(db, photo) {
  const [made] = await db.insert(photos).values(photo).returning({ id: photos.id });
  if (!made) throw new Error("The photo was not written.");
  return made.id;
}
async function readPhoto(db, id) {
  const [photo] = await db.select({ bytes: photos.bytes }).from(photos).where(eq(photos.id, id));
  if (!photo) throw new NotFound(`There is no photo ${id}.`);
  return photo.bytes;
}

const LONGEST_PHOTO = 12e5;
const PHOTO_BODY_BYTES = LONGEST_PHOTO + 4096;
const newPhotoSchema = Joi.object({
  jpeg: Joi.string().base64().max(LONGEST_PHOTO).required().label("The photo").meta({ text: "key" }).messages({
    "string.max": "The photo is larger than 900 kB: make it smaller first",
    "string.base64": "This is no photo that can be kept: choose a JPEG picture"
  }),
  note: lines("The note", 500).allow("").default("")
});
const photoParamsSchema = Joi.object({
  id: id("The number of the photo").required()
});

export { PHOTO_BODY_BYTES as P, addPhoto as a, newPhotoSchema as n, photoParamsSchema as p, readPhoto as r };
