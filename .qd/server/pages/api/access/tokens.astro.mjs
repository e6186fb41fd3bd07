import { b as newTokenSchema } from '../../../chunks/access_2BkKdxIp.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { m as makeToken } from '../../../chunks/tokens_C8XdV_zz.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const POST = defineEndpoint({
  body: newTokenSchema,
  status: 201,
  needs: "keys",
  besideGarden: true,
  handle: async ({ body, now }) => ({ token: await makeToken(body, now) })
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
