import '../../../chunks/passphrase_DS02Zua_.mjs';
import '../../../chunks/database_CmGvnzKd.mjs';
import { p as photoParamsSchema, r as readPhoto } from '../../../chunks/photos_BGZrlu5h.mjs';
import { d as defineEndpoint, P as Picture } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const GET = defineEndpoint({
  params: photoParamsSchema,
  handle: async ({ db, params }) => new Picture(await readPhoto(db, params.id), "image/jpeg")
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  GET
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
