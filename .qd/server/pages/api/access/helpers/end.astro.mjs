import { n as nothing } from '../../../../chunks/rules_BOjb8_mp.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { e as endHelpers } from '../../../../chunks/passphrases_DSTF-vPS.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../renderers.mjs';

const POST = defineEndpoint({
  body: nothing,
  needs: "keys",
  besideGarden: true,
  handle: () => endHelpers()
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
