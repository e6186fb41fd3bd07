import { b as momentSchema, t as testParamsSchema } from '../../../../../chunks/tests_CpGMhbI4.mjs';
import '../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { k as keepMoment } from '../../../../../chunks/moments_ghYIxwTY.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

const POST = defineEndpoint({
  params: testParamsSchema,
  body: momentSchema,
  needs: "log",
  handle: ({ db, params, body, now }) => keepMoment(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
