import { n as newFoundSchema } from '../../../../../chunks/found_Bw0DmtfC.mjs';
import { bs as lotParamsSchema } from '../../../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import { n as newFound } from '../../../../../chunks/newFound_DcdQ4iJ6.mjs';
import 'rotating-file-stream';
export { renderers } from '../../../../../renderers.mjs';

const POST = defineEndpoint({
  params: lotParamsSchema,
  body: newFoundSchema,
  status: 201,
  needs: "log",
  handle: ({ db, params, body, now }) => newFound(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
