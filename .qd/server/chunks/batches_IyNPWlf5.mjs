import { m as mayMix } from './mayMix_DH4fX4sf.mjs';
import { bm as TRIAGE_VERDICTS, bn as TRIAGE_ACTIONS } from './database_CmGvnzKd.mjs';
import { J as Joi } from './passphrase_DS02Zua_.mjs';
import { e as lines, l as line, j as id, p as ids } from './rules_BOjb8_mp.mjs';

function planBatches(lots) {
  const heaps = /* @__PURE__ */ new Map();
  for (const lot of lots) {
    const key = heapKey(lot);
    heaps.set(key, [...heaps.get(key) ?? [], lot]);
  }
  return [...heaps.values()].map((heap) => heapPlan(heap)).sort(
    (a, b) => TRIAGE_VERDICTS.indexOf(a.verdict) - TRIAGE_VERDICTS.indexOf(b.verdict) || Number(a.isApart) - Number(b.isApart) || b.litres - a.litres
  );
}
function doubtfulPair(lots) {
  for (const [at, one] of lots.entries()) {
    const other = lots.slice(at + 1).find((next) => !mayMix(one.triage, next.triage));
    if (other) return [one, other];
  }
  return null;
}
function heapKey({ id, triage }) {
  if (!triage) return "reuse";
  const { verdict, mixWith, actions, hold, skimCm, heat, reasons } = triage;
  if (verdict === "compost" || verdict === "discard") return verdict;
  if (hold || mixWith === "none") return `apart ${id}`;
  const problems = mixWith === "same-problem" ? [...new Set(reasons.map((one) => one.problemId))].sort() : [];
  return [verdict, ...actions, skimCm ?? "", heat?.tempC ?? "", ...problems].join(" ").trim();
}
function heapPlan(heap) {
  const triages = heap.flatMap(({ triage }) => triage ?? []);
  const [first] = triages;
  const isGivenUp = first?.verdict === "compost" || first?.verdict === "discard";
  return {
    verdict: first?.verdict ?? "reuse",
    actions: TRIAGE_ACTIONS.filter(
      (action) => triages.some(({ actions }) => actions.includes(action))
    ),
    lotIds: heap.map(({ id }) => id),
    litres: heap.reduce((sum, { litres }) => sum + litres, 0),
    isApart: !isGivenUp && triages.some(({ mixWith, hold }) => mixWith === "none" || hold !== null),
    heldUntil: triages.flatMap(({ hold }) => hold?.until ?? []).sort().at(-1) ?? null
  };
}

const newHeapSchema = Joi.object({
  lots: Joi.array().items(id("The lot")).min(2).max(200).unique().required().label("The lots").messages({
    "array.min": "Choose at least two lots to tip together",
    "any.required": "Choose at least two lots to tip together"
  }),
  name: line("The name", 80).required().messages({
    "string.empty": "Give the heap a name",
    "any.required": "Give the heap a name"
  }),
  despite: lines("The reason", 300).allow("").default("")
});
const batchesQuerySchema = Joi.object({
  lots: ids("The lots", 500)
}).unknown();

export { batchesQuerySchema as b, doubtfulPair as d, newHeapSchema as n, planBatches as p };
