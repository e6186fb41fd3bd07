import { s as signInSchema } from '../../../chunks/access_2BkKdxIp.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { s as sessionCookie } from '../../../chunks/admit_BJtN7GGf.mjs';
import { c as callerOf } from '../../../chunks/caller_BKfEjCIQ.mjs';
import { a as signIn } from '../../../chunks/signIn_CEVarjEc.mjs';
import { d as defineEndpoint, W as WithCookie } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const PUT = defineEndpoint({
  body: signInSchema,
  needs: "anyone",
  besideGarden: true,
  async handle({ body, ...input }) {
    const { role, secret } = await signIn(body.passphrase, callerOf(input));
    return new WithCookie({ role }, sessionCookie(secret, input.request));
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
