import { s as samplesQuerySchema } from '../../../chunks/tests_CpGMhbI4.mjs';
import '../../../chunks/database_CmGvnzKd.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import { s as sampleChoices } from '../../../chunks/sampleChoices_eNGd-sNy.mjs';
import 'rotating-file-stream';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const GET = defineEndpoint({
  query: samplesQuerySchema,
  handle: ({ db, query: { find = "" } }) => sampleChoices(db, find)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  GET
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
