import { t as throwTestAway } from '../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import { t as testParamsSchema } from '../../../../../chunks/tests_CpGMhbI4.mjs';
import { n as nothing } from '../../../../../chunks/rules_BOjb8_mp.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

const POST = defineEndpoint({
  params: testParamsSchema,
  body: nothing,
  needs: "log",
  handle: ({ db, params }) => throwTestAway(db, params.id, null)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
