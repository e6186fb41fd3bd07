import { bs as lotParamsSchema, bx as putAwayLot } from '../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import { n as nothing } from '../../../../../chunks/rules_BOjb8_mp.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

const POST = defineEndpoint({
  params: lotParamsSchema,
  body: nothing,
  handle: ({ db, params, now }) => putAwayLot(db, params.id, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
