import '../../../chunks/passphrase_DS02Zua_.mjs';
import { w as writeTapWater } from '../../../chunks/rules_BOjb8_mp.mjs';
import { h as tapWaterSchema } from '../../../chunks/tests_CpGMhbI4.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const PUT = defineEndpoint({
  body: tapWaterSchema,
  needs: "log",
  handle: async ({ db, body: { version, ...tapWater } }) => ({
    version: await writeTapWater(db, tapWater, version)
  })
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
