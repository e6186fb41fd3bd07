import { a as findingSchema } from '../../../../chunks/looks_DLFzjMAO.mjs';
import { cu as trialParamsSchema, cT as handOn } from '../../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import 'papaparse';
export { renderers } from '../../../../renderers.mjs';

const POST = defineEndpoint({
  params: trialParamsSchema,
  body: findingSchema,
  status: 201,
  handle: async ({ db, params, body, now }) => handOn(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
