import { l as leaveOutSchema } from '../../../../chunks/looks_DLFzjMAO.mjs';
import { cu as trialParamsSchema } from '../../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import 'papaparse';
import { l as leaveOut } from '../../../../chunks/potEvents_UtZa2IBv.mjs';
import { t as trialPage } from '../../../../chunks/trialPage_CSSjeobU.mjs';
export { renderers } from '../../../../renderers.mjs';

const PUT = defineEndpoint({
  params: trialParamsSchema,
  body: leaveOutSchema,
  needs: "log",
  handle: async ({ db, params, body, now }) => {
    await leaveOut(db, params.id, body, now);
    return trialPage(db, params.id);
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
