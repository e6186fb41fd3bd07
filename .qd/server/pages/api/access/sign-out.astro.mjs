import { n as nothing } from '../../../chunks/rules_BOjb8_mp.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { s as sessionCookie } from '../../../chunks/admit_BJtN7GGf.mjs';
import { s as signOut } from '../../../chunks/signIn_CEVarjEc.mjs';
import { d as defineEndpoint, W as WithCookie } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const POST = defineEndpoint({
  body: nothing,
  needs: "read",
  besideGarden: true,
  async handle({ visitor, request }) {
    if (visitor.kind === "session") await signOut({ id: visitor.sessionId });
    return new WithCookie(null, sessionCookie("", request));
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
