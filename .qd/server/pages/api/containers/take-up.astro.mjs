import '../../../chunks/passphrase_DS02Zua_.mjs';
import '../../../chunks/database_CmGvnzKd.mjs';
import { t as takeContainersUp } from '../../../chunks/manyContainers_dBD7e4bG.mjs';
import { m as manyPotsSchema } from '../../../chunks/manyPots_D0QpCku-.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const POST = defineEndpoint({
  body: manyPotsSchema,
  handle: ({ db, body }) => takeContainersUp(db, body.ids)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
