import { n as nextVersionSchema, a as mixParamsSchema } from '../../../../chunks/mixes_D4TKCKNU.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import '../../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { s as saveNextVersion } from '../../../../chunks/saveMix_CvH26O2a.mjs';
export { renderers } from '../../../../renderers.mjs';

const POST = defineEndpoint({
  params: mixParamsSchema,
  body: nextVersionSchema,
  status: 201,
  handle: async ({ db, params, body, now }) => ({
    version: await saveNextVersion(db, params.id, body, now)
  })
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
