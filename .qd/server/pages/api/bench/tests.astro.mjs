import { g as startSchema } from '../../../chunks/tests_CpGMhbI4.mjs';
import '../../../chunks/database_CmGvnzKd.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { s as startBenchTest } from '../../../chunks/startBenchTest_BWoa_ORQ.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const POST = defineEndpoint({
  body: startSchema,
  status: 201,
  needs: "log",
  handle: async ({ db, body, now }) => ({ id: await startBenchTest(db, body, now) })
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
