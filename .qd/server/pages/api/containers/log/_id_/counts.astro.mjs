import { l as logParamsSchema } from '../../../../../chunks/pots_DNz7mDGc.mjs';
import { f as foundCountsSchema } from '../../../../../chunks/found_Bw0DmtfC.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import { b7 as isOfClosedTrial } from '../../../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { C as Conflict } from '../../../../../chunks/problem_BTADoVqZ.mjs';
import { s as setLogCounts } from '../../../../../chunks/potLog_GKYz53d1.mjs';
import 'csv-parse/sync';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

async function letEntryCount(db, id, counts, at) {
  if (await isOfClosedTrial(db, id)) {
    throw new Conflict("A closed trial rests on this: open the trial again first.");
  }
  await setLogCounts(db, id, counts, at);
}

const POST = defineEndpoint({
  params: logParamsSchema,
  body: foundCountsSchema,
  needs: "log",
  handle: ({ db, params, body, now }) => letEntryCount(db, params.id, body.counts, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
