import { e as endManySchema } from '../../../../chunks/manyPots_D0QpCku-.mjs';
import { d as dayAt } from '../../../../chunks/passphrase_DS02Zua_.mjs';
import { f as requireContainers } from '../../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { o as openPlantings, b as endPlanting } from '../../../../chunks/plantings_CWn0OEGU.mjs';
import { r as readSite } from '../../../../chunks/rules_BOjb8_mp.mjs';
import { r as refuseField } from '../../../../chunks/problem_BTADoVqZ.mjs';
import 'csv-parse/sync';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../renderers.mjs';

async function endMany(db, { pots, on, growth, why, note }, at) {
  const { timeZone } = await readSite(db);
  if (on > dayAt(timeZone, at)) refuseField("on", "That day has not come yet.");
  await requireContainers(db, pots);
  const open = (await openPlantings(db)).filter(({ containerId }) => pots.includes(containerId));
  if (open.length === 0) refuseField("pots", "Nothing grows in these pots.");
  return db.transaction(async (tx) => {
    const over = /* @__PURE__ */ new Set();
    for (const { id } of open) {
      const { lotId, seasonOver } = await endPlanting(tx, id, {
        endedOn: on,
        growth,
        harvestG: null,
        endedWhy: why,
        note: note.trim() || null
      });
      if (seasonOver) over.add(lotId);
    }
    return { ids: open.map(({ id }) => id), lotIds: [...over] };
  });
}

const POST = defineEndpoint({
  body: endManySchema,
  handle: ({ db, body, now }) => endMany(db, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
