import { sql, eq } from 'drizzle-orm';
import { f as requireContainers, b4 as placeNamed, b5 as containers, ao as among, b6 as places } from './database_CmGvnzKd.mjs';
import { C as Conflict } from './problem_BTADoVqZ.mjs';
import { f as forget } from './passphrase_DS02Zua_.mjs';

async function changeContainers(db, ids, change) {
  const found = await requireContainers(db, ids);
  forget("containers");
  const { name, place, exposure } = change;
  const there = found[0]?.exposure ?? "open";
  const placeId = place ? (await placeNamed(db, place, exposure ?? there)).id : void 0;
  await db.update(containers).set({
    ...name ? { name } : {},
    ...placeId ? { placeId } : {},
    version: sql`${containers.version} + 1`
  }).where(among(containers.id, ids));
  if (exposure) await setExposure(db, ids, exposure);
  return {
    before: found.map(({ id, place: place2, name: name2, exposure: exposure2 }) => ({ id, place: place2, name: name2, exposure: exposure2 })),
    lotIds: [...new Set(found.flatMap(({ lotId }) => lotId ?? []))]
  };
}
async function changeExposure(db, ids, exposure) {
  forget("containers");
  await db.update(containers).set({ version: sql`${containers.version} + 1` }).where(among(containers.id, ids));
  await setExposure(db, ids, exposure);
}
async function setExposure(db, ids, exposure) {
  const ofPlace = db.select({ exposure: places.exposure }).from(places).where(eq(places.id, containers.placeId));
  await db.update(containers).set({ exposure: sql`nullif(${exposure}::text, (${ofPlace}))` }).where(among(containers.id, ids));
}
async function putContainersAway(db, ids, at) {
  await db.transaction(async (tx) => {
    const full = (await requireContainers(tx, ids)).filter(({ lotId }) => lotId !== null);
    if (full.length > 0) {
      const codes = full.map(({ code }) => code).join(", ");
      throw new Conflict(`A mix stands in ${codes}: move it out or empty it first.`);
    }
    forget("containers");
    await tx.update(containers).set({ putAwayAt: at, version: sql`${containers.version} + 1` }).where(among(containers.id, ids));
  });
}
async function takeContainersUp(db, ids) {
  forget("containers");
  await db.update(containers).set({ putAwayAt: null, version: sql`${containers.version} + 1` }).where(among(containers.id, ids));
}

export { changeExposure as a, changeContainers as c, putContainersAway as p, takeContainersUp as t };
