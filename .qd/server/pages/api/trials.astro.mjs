import { dj as newTrialSchema } from '../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { n as newTrial } from '../../chunks/newTrial_Bb6MSFyB.mjs';
import 'csv-parse/sync';
import 'papaparse';
export { renderers } from '../../renderers.mjs';

const POST = defineEndpoint({
  body: newTrialSchema,
  limitBytes: 64e3,
  status: 201,
  handle: async ({ db, body, now }) => ({ id: await newTrial(db, body, now) })
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
