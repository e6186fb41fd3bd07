import { br as newEntrySchema, bs as lotParamsSchema } from '../../../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { n as newEntry } from '../../../../../chunks/newEntry_CCqOn3qZ.mjs';
export { renderers } from '../../../../../renderers.mjs';

const POST = defineEndpoint({
  params: lotParamsSchema,
  body: newEntrySchema,
  status: 201,
  handle: ({ db, params, body, now }) => newEntry(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
