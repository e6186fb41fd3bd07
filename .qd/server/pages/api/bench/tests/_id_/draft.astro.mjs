import { k as keepDraft } from '../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import { d as draftSchema, t as testParamsSchema } from '../../../../../chunks/tests_CpGMhbI4.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

const PUT = defineEndpoint({
  params: testParamsSchema,
  body: draftSchema,
  needs: "log",
  handle: ({ db, params, body }) => keepDraft(db, params.id, body.values)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
