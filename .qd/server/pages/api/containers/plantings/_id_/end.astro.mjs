import { b as endOfPlantingSchema, c as plantingParamsSchema } from '../../../../../chunks/pots_DNz7mDGc.mjs';
import { d as dayAt } from '../../../../../chunks/passphrase_DS02Zua_.mjs';
import '../../../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { r as readPlanting, b as endPlanting } from '../../../../../chunks/plantings_CWn0OEGU.mjs';
import { r as readSite } from '../../../../../chunks/rules_BOjb8_mp.mjs';
import { R as Refused } from '../../../../../chunks/problem_BTADoVqZ.mjs';
import { n as newLogEntry } from '../../../../../chunks/newLogEntry_DPfbmHzN.mjs';
import 'csv-parse/sync';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

async function endOfPlanting(db, id, { on, growth, harvestG, why, problems, note }, at) {
  const { timeZone } = await readSite(db);
  if (on > dayAt(timeZone, at)) {
    const message = "That day has not come yet.";
    throw new Refused(422, "not-valid", message, [{ field: "on", message }]);
  }
  const { containerId } = await readPlanting(db, id);
  return db.transaction(async (tx) => {
    for (const problemId of problems) {
      await newLogEntry(tx, containerId, { kind: "problem", value: null, problemId, note: "" }, at);
    }
    return endPlanting(tx, id, {
      endedOn: on,
      growth,
      harvestG,
      endedWhy: why,
      note: note.trim() || null
    });
  });
}

const POST = defineEndpoint({
  params: plantingParamsSchema,
  body: endOfPlantingSchema,
  handle: ({ db, params, body, now }) => endOfPlanting(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
