import { p as presentPassphraseSchema } from '../../../chunks/access_2BkKdxIp.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { s as sessionCookie } from '../../../chunks/admit_BJtN7GGf.mjs';
import { c as callerOf } from '../../../chunks/caller_BKfEjCIQ.mjs';
import { o as openAccess } from '../../../chunks/passphrases_DSTF-vPS.mjs';
import { d as defineEndpoint, W as WithCookie } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const PUT = defineEndpoint({
  body: presentPassphraseSchema,
  needs: "keys",
  besideGarden: true,
  async handle({ body, ...input }) {
    await openAccess(body.present, callerOf(input));
    return new WithCookie(null, sessionCookie("", input.request));
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
