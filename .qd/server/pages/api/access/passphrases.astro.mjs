import { n as newPassphraseSchema } from '../../../chunks/access_2BkKdxIp.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { s as sessionCookie } from '../../../chunks/admit_BJtN7GGf.mjs';
import { c as callerOf } from '../../../chunks/caller_BKfEjCIQ.mjs';
import { s as setPassphrase } from '../../../chunks/passphrases_DSTF-vPS.mjs';
import { d as defineEndpoint, W as WithCookie } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const PUT = defineEndpoint({
  body: newPassphraseSchema,
  needs: "keys",
  besideGarden: true,
  async handle({ body, ...input }) {
    const secret = await setPassphrase(body, callerOf(input));
    return secret === null ? null : new WithCookie(null, sessionCookie(secret, input.request));
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
