import { t as takenCodes } from './addReadContainers_DK2cV2ax.mjs';
import './passphrase_DS02Zua_.mjs';
import { c_ as layoutTrial, b8 as nextCodes } from './database_CmGvnzKd.mjs';
import { c as codesInUse } from './trialLinks_BpAGmPI9.mjs';

const SPARE = 400;
async function freshCodes(db, codes, seed, mine = []) {
  const own = new Set(mine);
  const inTrials = [...await codesInUse(db)].filter((code) => !own.has(code));
  const used = /* @__PURE__ */ new Set([...inTrials, ...await takenCodes(db)]);
  const wanted = new Set(codes);
  const spare = layoutTrial({
    treatments: ["0", "1"],
    replicates: SPARE,
    columns: 2,
    seed: Math.max(1, seed - 1)
  }).map(({ code }) => code).filter((code) => !used.has(code) && !wanted.has(code));
  const plain = nextCodes(/* @__PURE__ */ new Set([...used, ...wanted]), codes.length);
  return codes.map((code) => used.has(code) ? spare.pop() ?? plain.pop() ?? code : code);
}

export { freshCodes as f };
