import { f as finishSchema, t as testParamsSchema } from '../../../../../chunks/tests_CpGMhbI4.mjs';
import '../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { f as finishBenchTest } from '../../../../../chunks/finishBenchTest_BU1Py7oS.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

const POST = defineEndpoint({
  params: testParamsSchema,
  body: finishSchema,
  needs: "log",
  handle: ({ db, params, body, now }) => finishBenchTest(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
