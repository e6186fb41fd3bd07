import { j as readTables, g as readLot, l as addFindings, a$ as lastGroup } from './database_CmGvnzKd.mjs';
import { d as dayAt } from './passphrase_DS02Zua_.mjs';
import { r as readSite } from './rules_BOjb8_mp.mjs';
import { R as Refused } from './problem_BTADoVqZ.mjs';

async function newFound(db, lotId, { problemId, note }, at, ofCrop = null) {
  const { timeZone } = await readSite(db);
  const tables = await readTables(db, timeZone);
  if (!tables.problems.has(problemId)) {
    const message = "Choose what you saw from the list";
    throw new Refused(422, "not-valid", message, [{ field: "problemId", message }]);
  }
  const lot = await readLot(db, lotId);
  const [id] = await addFindings(db, lotId, [
    {
      at,
      kind: "problem",
      state: "trouble",
      problemId,
      numbers: {},
      word: null,
      families: [],
      season: Number(dayAt(timeZone, at).slice(0, 4)),
      rotationGroup: groupOf(ofCrop, tables) ?? lastGroup(lot, tables),
      source: "seen",
      testId: null,
      note: note?.trim() || null
    }
  ]);
  if (id === void 0) throw new Error("The finding was not kept.");
  return { id };
}
function groupOf(cropId, { crops }) {
  return cropId === null ? null : crops.get(cropId)?.rotationGroup ?? null;
}

export { newFound as n };
