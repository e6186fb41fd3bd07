import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { j as readTables, f as requireContainers } from './database_CmGvnzKd.mjs';
import { a as plant } from './plantings_CWn0OEGU.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { r as refuseField } from './problem_BTADoVqZ.mjs';
import { r as requireUnbarred } from './requireUnbarred_F5lZx0zI.mjs';

async function newPlantings(db, { pots, cropId, cultivar, how, count, on, despite }, at) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const crop = tables.crops.get(cropId);
  if (!crop) refuseField("cropId", "Choose a crop from the list.");
  if (on > dayAt(site.timeZone, at)) {
    refuseField("on", "That day has not come yet: say it when it is planted.");
  }
  const containers = await requireContainers(db, pots);
  const lotIds = [...new Set(containers.flatMap(({ lotId }) => lotId ?? []))];
  if (despite.trim() === "") await requireUnbarred(db, lotIds, crop, tables, site);
  const ids = await plant(db, pots, {
    cropId,
    how,
    count,
    startedOn: on,
    cultivar: cultivar.trim() || null,
    despite: despite.trim() || null
  });
  return { ids };
}

export { newPlantings as n };
