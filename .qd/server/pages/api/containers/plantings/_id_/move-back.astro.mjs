import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import '../../../../../chunks/database_CmGvnzKd.mjs';
import { a as movePlantingBack } from '../../../../../chunks/movePlanting_vUiqttQo.mjs';
import { c as plantingParamsSchema } from '../../../../../chunks/pots_DNz7mDGc.mjs';
import { n as nothing } from '../../../../../chunks/rules_BOjb8_mp.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

const POST = defineEndpoint({
  params: plantingParamsSchema,
  body: nothing,
  handle: ({ db, params }) => movePlantingBack(db, params.id)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
