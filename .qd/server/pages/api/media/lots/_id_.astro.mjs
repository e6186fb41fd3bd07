import { bu as renameLotSchema, bs as lotParamsSchema, bv as renameLot } from '../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../renderers.mjs';

const PATCH = defineEndpoint({
  params: lotParamsSchema,
  body: renameLotSchema,
  handle: ({ db, params, body }) => renameLot(db, params.id, body)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PATCH
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
