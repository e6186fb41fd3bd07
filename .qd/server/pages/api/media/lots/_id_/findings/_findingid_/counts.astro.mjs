import { a_ as endFinding } from '../../../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../../../chunks/passphrase_DS02Zua_.mjs';
import { f as foundCountsSchema, a as foundParamsSchema } from '../../../../../../../chunks/found_Bw0DmtfC.mjs';
import { d as defineEndpoint } from '../../../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../../../renderers.mjs';

const POST = defineEndpoint({
  params: foundParamsSchema,
  body: foundCountsSchema,
  needs: "log",
  handle: async ({ db, params, body, now }) => {
    await endFinding(db, params.id, params.findingId, body.counts ? null : now);
    return { counts: body.counts };
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
