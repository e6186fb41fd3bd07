import { eq } from 'drizzle-orm';
import { p as plantingsIn } from './plantings_CWn0OEGU.mjs';
import { an as plantings } from './database_CmGvnzKd.mjs';

async function growingPlanting(db, containerId, lotId) {
  const all = await plantingsIn(db, [containerId]);
  return all.find((one) => one.endedOn === null && one.lotId === lotId) ?? null;
}
async function plantingsOfLot(db, lotId) {
  return db.select({ cropId: plantings.cropId, startedOn: plantings.startedOn }).from(plantings).where(eq(plantings.lotId, lotId)).orderBy(plantings.startedOn, plantings.id);
}

export { growingPlanting as g, plantingsOfLot as p };
