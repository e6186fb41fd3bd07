import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { b2 as listContainers, j as readTables } from './database_CmGvnzKd.mjs';
import { m as movePlanting } from './movePlanting_vUiqttQo.mjs';
import { r as readPlanting } from './plantings_CWn0OEGU.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { r as refuseField } from './problem_BTADoVqZ.mjs';
import { r as requireUnbarred } from './requireUnbarred_F5lZx0zI.mjs';

async function movePlants(db, id, { code, on, despite }, at) {
  const site = await readSite(db);
  if (on > dayAt(site.timeZone, at)) refuseField("on", "That day has not come yet.");
  const { cropId } = await readPlanting(db, id);
  const asked = code.trim().toLocaleLowerCase();
  const pot = (await listContainers(db)).find((one) => one.code.toLocaleLowerCase() === asked);
  if (!pot) refuseField("code", "No pot has that code.");
  if (pot.lotId === null) refuseField("code", `There is no mix in ${pot.code} yet: fill it first.`);
  const tables = await readTables(db, site.timeZone);
  const crop = tables.crops.get(cropId);
  if (crop && despite.trim() === "") await requireUnbarred(db, [pot.lotId], crop, tables, site);
  const moved = await movePlanting(db, id, {
    containerId: pot.id,
    on,
    despite: despite.trim() || null
  });
  return { ...moved, containerId: pot.id };
}

export { movePlants as m };
