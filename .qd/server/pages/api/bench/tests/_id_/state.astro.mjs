import { t as testParamsSchema } from '../../../../../chunks/tests_CpGMhbI4.mjs';
import '../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { t as testState } from '../../../../../chunks/testPage_CfSO93hf.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

const GET = defineEndpoint({
  params: testParamsSchema,
  handle: ({ db, params, now }) => testState(db, params.id, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  GET
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
