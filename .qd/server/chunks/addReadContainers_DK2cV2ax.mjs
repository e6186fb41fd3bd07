import { f as forget } from './passphrase_DS02Zua_.mjs';
import { b5 as containers, b8 as nextCodes, b9 as placed } from './database_CmGvnzKd.mjs';

async function takenCodes(db) {
  const rows = await db.select({ code: containers.code }).from(containers);
  return new Set(rows.map(({ code }) => code));
}
async function addReadContainers(db, pots) {
  forget("containers");
  const taken = new Set(await takenCodes(db));
  for (const { code } of pots) if (code !== null) taken.add(code);
  const uncoded = pots.reduce((sum, { code, count }) => sum + (code === null ? count : 0), 0);
  const free = nextCodes(taken, uncoded).values();
  const rows = [];
  for (const { code, count, place, exposure, ...pot } of pots) {
    const where = await placed(db, place, exposure);
    for (let i = 0; i < count; i++) {
      rows.push({ ...pot, ...where, code: code ?? free.next().value });
    }
  }
  if (rows.length === 0) return [];
  const added = await db.insert(containers).values(rows).returning({ id: containers.id });
  return added.map(({ id }) => id);
}

export { addReadContainers as a, takenCodes as t };
