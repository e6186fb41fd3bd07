import '../../../../chunks/passphrase_DS02Zua_.mjs';
import '../../../../chunks/database_CmGvnzKd.mjs';
import { t as takePlantingsOut } from '../../../../chunks/plantings_CWn0OEGU.mjs';
import { t as takeOutSchema } from '../../../../chunks/pots_DNz7mDGc.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../renderers.mjs';

const POST = defineEndpoint({
  body: takeOutSchema,
  handle: ({ db, body }) => takePlantingsOut(db, body.ids)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
