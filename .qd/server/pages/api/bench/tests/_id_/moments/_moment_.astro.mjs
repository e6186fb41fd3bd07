import { c as correctionSchema, m as momentParamsSchema } from '../../../../../../chunks/tests_CpGMhbI4.mjs';
import '../../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { c as correct } from '../../../../../../chunks/moments_ghYIxwTY.mjs';
import { d as defineEndpoint } from '../../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../../renderers.mjs';

const PUT = defineEndpoint({
  params: momentParamsSchema,
  body: correctionSchema,
  needs: "log",
  handle: ({ db, params, body, now }) => correct(db, params.id, params.moment, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
