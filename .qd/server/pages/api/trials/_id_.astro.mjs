import { cU as changeTrialSchema, cu as trialParamsSchema } from '../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { c as changePlan } from '../../../chunks/newTrial_Bb6MSFyB.mjs';
import 'csv-parse/sync';
import 'papaparse';
export { renderers } from '../../../renderers.mjs';

const PUT = defineEndpoint({
  params: trialParamsSchema,
  body: changeTrialSchema,
  limitBytes: 64e3,
  handle: async ({ db, params, body }) => {
    await changePlan(db, params.id, body);
    return { id: params.id };
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
