import '../../../chunks/passphrase_DS02Zua_.mjs';
import { x as writePpm } from '../../../chunks/rules_BOjb8_mp.mjs';
import { p as ppmFactorSchema } from '../../../chunks/site_BFL2Zanx.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const PUT = defineEndpoint({
  body: ppmFactorSchema,
  handle: async ({ db, body }) => {
    await writePpm(db, body.ppmPerDsM);
    return body;
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
