import { b as newMixSchema } from '../../chunks/mixes_D4TKCKNU.mjs';
import { d as defineEndpoint } from '../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import '../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { a as saveMix } from '../../chunks/saveMix_CvH26O2a.mjs';
export { renderers } from '../../renderers.mjs';

const POST = defineEndpoint({
  body: newMixSchema,
  status: 201,
  handle: async ({ db, body, now }) => ({ id: await saveMix(db, body, now) })
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
