import { desc } from 'drizzle-orm';
import { bo as potIntakes, ao as among, n as tellLotChanged } from './database_CmGvnzKd.mjs';
import './passphrase_DS02Zua_.mjs';

const NO_LOOK = {
  smell: null,
  life: null,
  mulchCm: 0,
  years: null,
  drains: true,
  debris: "left"
};
function foundByLook({ smell, life }, runsDownSide) {
  return [
    ...runsDownSide ? ["water-repellent"] : [],
    ...smell === "sour" ? ["sour-smell"] : [],
    ...life === "much" ? ["soil-decomposers"] : []
  ];
}
function mixDropCm(dropCm, { mulchCm }) {
  return dropCm + mulchCm;
}
function debrisAsked(asked) {
  if (asked.includes("bin")) return "bin";
  return asked.includes("compost") ? "compost" : null;
}

async function addIntakes(db, rows) {
  if (rows.length === 0) return;
  await db.insert(potIntakes).values([...rows]);
  for (const lotId of new Set(rows.map((row) => row.lotId))) await tellLotChanged(db, lotId);
}
async function intakesOfPots(db, containerIds) {
  if (containerIds.length === 0) return [];
  return db.selectDistinctOn([potIntakes.containerId]).from(potIntakes).where(among(potIntakes.containerId, containerIds)).orderBy(potIntakes.containerId, desc(potIntakes.at), desc(potIntakes.id));
}

export { NO_LOOK as N, addIntakes as a, debrisAsked as d, foundByLook as f, intakesOfPots as i, mixDropCm as m };
