import { J as Joi } from '../../chunks/passphrase_DS02Zua_.mjs';
import { l as line } from '../../chunks/rules_BOjb8_mp.mjs';
import { d as defineEndpoint } from '../../chunks/defineEndpoint_CZUmPauA.mjs';
import { I as wordsOf, G as findLotNames, H as findMixNames, b2 as listContainers, bc as listBenchTests, a4 as readSampleNames, K as sampleKey, J as listMaterials, bd as findTrialNames, be as byName, L as readLotNames } from '../../chunks/database_CmGvnzKd.mjs';
import { l as listWorkOrders } from '../../chunks/readWorkOrders_B5k6F5lp.mjs';
export { renderers } from '../../renderers.mjs';

const findQuerySchema = Joi.object({
  find: line("What to find", 80).allow("")
});

const FIRST = 50;
async function findItems(db, find) {
  const words = wordsOf(find);
  const holds = (...texts) => {
    const text = texts.join(" ").toLowerCase();
    return words.every((word) => text.includes(word));
  };
  const lots = await findLotNames(db, find, FIRST);
  const mixes = await findMixNames(db, find, FIRST);
  const containers = await listContainers(db);
  const pots = await potsOf(db, containers, words, holds);
  const places = [...new Set(containers.map(({ place }) => place))].filter((place) => holds(place));
  const orders = (await listWorkOrders(db, "open", { offset: 0, limit: FIRST_OPEN })).rows;
  const running = (await listBenchTests(db, "running", { offset: 0, limit: FIRST_OPEN })).rows;
  const samples = await readSampleNames(
    db,
    running.map(({ sample }) => sample)
  );
  return {
    lots: lots.rows,
    pots,
    places: places.sort(byName).slice(0, FIRST),
    mixes: mixes.rows,
    trials: await findTrialNames(db, find, FIRST),
    materials: (await listMaterials(db)).map(({ material: { id, name } }) => ({ id, name })).filter(({ name }) => holds(name)).slice(0, FIRST),
    orders: orders.filter(({ lotName }) => holds(lotName)).slice(0, FIRST),
    tests: running.map(({ id, kind, sample }) => ({ id, kind, name: samples.get(sampleKey(sample)) ?? "" })).slice(0, FIRST)
  };
}
const FIRST_OPEN = 500;
async function potsOf(db, containers, words, holds) {
  const lotIds = containers.flatMap(({ lotId }) => lotId ?? []);
  const names = words.length === 0 ? /* @__PURE__ */ new Map() : await readLotNames(db, lotIds);
  const [first = ""] = words;
  const rank = ({ code }) => {
    const lower = code.toLowerCase();
    return lower === first ? 0 : lower.startsWith(first) ? 1 : 2;
  };
  const found = containers.filter(
    ({ code, name, place, lotId }) => holds(code, name, place, lotId === null ? "" : names.get(lotId) ?? "")
  ).sort((a, b) => rank(a) - rank(b)).slice(0, FIRST);
  const shown = words.length === 0 ? await readLotNames(
    db,
    found.flatMap(({ lotId }) => lotId ?? [])
  ) : names;
  return found.map(({ id, code, name, place, lotId }) => ({
    id,
    code,
    name,
    place,
    lotId,
    lotName: lotId === null ? null : shown.get(lotId) ?? null
  }));
}

const GET = defineEndpoint({
  query: findQuerySchema,
  handle: ({ db, query: { find = "" } }) => findItems(db, find)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  GET
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
