import '../../../chunks/passphrase_DS02Zua_.mjs';
import { u as writePlace } from '../../../chunks/rules_BOjb8_mp.mjs';
import { s as sitePlaceSchema } from '../../../chunks/site_BFL2Zanx.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const PUT = defineEndpoint({
  body: sitePlaceSchema,
  handle: async ({ db, body }) => ({ version: await writePlace(db, body) })
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
