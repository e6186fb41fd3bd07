import './passphrase_DS02Zua_.mjs';
import { n as tellLotChanged, bJ as changePlace, bK as addPlace, b2 as listContainers, bL as listPlaces } from './database_CmGvnzKd.mjs';
import { C as Conflict, r as refuseField } from './problem_BTADoVqZ.mjs';
import { o as openPlantings } from './plantings_CWn0OEGU.mjs';

async function placesPage(db) {
  const containers = await listContainers(db);
  const planted = new Map((await openPlantings(db)).map((one) => [one.containerId, one.lotId]));
  const rows = (await listPlaces(db)).map((place) => {
    const here = containers.filter((one) => one.place === place.name);
    return {
      ...place,
      pots: here.length,
      otherwise: here.filter(({ exposure }) => exposure !== place.exposure).length,
      growing: here.filter(({ id, lotId }) => lotId !== null && planted.get(id) === lotId).length,
      litres: here.reduce((sum, { litres }) => sum + litres, 0)
    };
  });
  return { rows };
}
async function newPlace(db, body) {
  const { id } = await atItsName(() => addPlace(db, body));
  return { id };
}
async function correctPlace(db, id, body) {
  await db.transaction(async (tx) => {
    const { lotIds } = await atItsName(() => changePlace(tx, id, body));
    for (const lotId of lotIds) await tellLotChanged(tx, lotId);
  });
}
async function atItsName(work) {
  try {
    return await work();
  } catch (error) {
    if (error instanceof Conflict) refuseField("name", error.message);
    throw error;
  }
}

export { correctPlace as c, newPlace as n, placesPage as p };
