import { G as findLotNames, H as findMixNames, I as wordsOf, J as listMaterials, K as sampleKey, L as readLotNames } from './database_CmGvnzKd.mjs';
import './passphrase_DS02Zua_.mjs';

const MOST_LOTS = 60;
const MOST_MIXES = 60;
async function sampleChoices(db, find, chosen = "") {
  const lots = await findLotNames(db, find, MOST_LOTS, { withContents: true });
  const mixes = await findMixNames(db, find, MOST_MIXES);
  const words = wordsOf(find);
  const materials = (await listMaterials(db)).map(({ material: { id, name } }) => ({ id, name })).filter(({ name }) => words.every((word) => name.toLowerCase().includes(word)));
  const listed = [
    ...lots.rows.map(({ id, name }) => ({ kind: "lot", id, name })),
    ...mixes.rows.map(({ id, name }) => ({ kind: "mix", id, name })),
    ...materials.map(({ id, name }) => ({ kind: "material", id, name }))
  ];
  const missing = chosen.startsWith("lot:") && !listed.some((one) => sampleKey(one) === chosen);
  return {
    listed: missing ? [...await chosenLot(db, chosen), ...listed] : listed,
    lotsTotal: lots.total,
    mixesTotal: mixes.total,
    isWhole: lots.total <= MOST_LOTS && mixes.total <= MOST_MIXES
  };
}
async function chosenLot(db, chosen) {
  const id = Number(chosen.slice("lot:".length));
  const name = (await readLotNames(db, [id])).get(id);
  return name === void 0 ? [] : [{ kind: "lot", id, name }];
}

export { sampleChoices as s };
