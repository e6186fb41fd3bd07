import { cu as trialParamsSchema } from '../../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import 'papaparse';
import { a as trialReadings } from '../../../../chunks/trialPackage_2i1K1ecO.mjs';
export { renderers } from '../../../../renderers.mjs';

const GET = defineEndpoint({
  params: trialParamsSchema,
  handle: async ({ db, params }) => trialReadings(db, params.id)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  GET
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
