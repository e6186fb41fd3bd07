import './passphrase_DS02Zua_.mjs';
import { n as tellLotChanged, f as requireContainers } from './database_CmGvnzKd.mjs';
import { c as changeContainers } from './manyContainers_dBD7e4bG.mjs';
import { R as Refused } from './problem_BTADoVqZ.mjs';

async function changePots(db, { ids, place, name, exposure }) {
  const change = {
    ...place.trim() ? { place: place.trim() } : {},
    ...name.trim() ? { name: name.trim() } : {},
    ...exposure ? { exposure } : {}
  };
  if (Object.keys(change).length === 0) {
    const message = "Say what is to be changed: the place, the name, or sun and wind.";
    throw new Refused(422, "not-valid", message, [{ field: "place", message }]);
  }
  return db.transaction(async (tx) => {
    const { before, lotIds } = await changeContainers(tx, ids, change);
    for (const lotId of lotIds) await tellLotChanged(tx, lotId);
    return { before };
  });
}
async function putPotsBack(db, { pots }) {
  await requireContainers(
    db,
    pots.map(({ id }) => id)
  );
  await db.transaction(async (tx) => {
    for (const { id, ...as } of pots) {
      const { lotIds } = await changeContainers(tx, [id], as);
      for (const lotId of lotIds) await tellLotChanged(tx, lotId);
    }
  });
}

export { changePots as c, putPotsBack as p };
