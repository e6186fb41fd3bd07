import { p as putBackManySchema } from '../../../chunks/manyPots_D0QpCku-.mjs';
import { p as putPotsBack } from '../../../chunks/changePots_C5T6LW9P.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import '../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const POST = defineEndpoint({
  body: putBackManySchema,
  handle: ({ db, body }) => putPotsBack(db, body)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
