import { t as throwTestAway } from '../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import { e as setAsideSchema, t as testParamsSchema } from '../../../../../chunks/tests_CpGMhbI4.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

const POST = defineEndpoint({
  params: testParamsSchema,
  body: setAsideSchema,
  needs: "log",
  handle: async ({ db, params, body, now }) => {
    await throwTestAway(db, params.id, now, body.reason);
    return null;
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
