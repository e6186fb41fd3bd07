import { p as potEventSchema } from '../../../../chunks/looks_DLFzjMAO.mjs';
import { cu as trialParamsSchema } from '../../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import 'papaparse';
import { k as keepPotEvent } from '../../../../chunks/potEvents_UtZa2IBv.mjs';
export { renderers } from '../../../../renderers.mjs';

const POST = defineEndpoint({
  params: trialParamsSchema,
  body: potEventSchema,
  status: 201,
  needs: "log",
  handle: async ({ db, params, body, now }) => keepPotEvent(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
