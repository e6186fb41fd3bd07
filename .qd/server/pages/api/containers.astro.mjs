import { c as changeManySchema } from '../../chunks/manyPots_D0QpCku-.mjs';
import { c as changePots } from '../../chunks/changePots_C5T6LW9P.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import '../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import { d as defineEndpoint } from '../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../renderers.mjs';

const PATCH = defineEndpoint({
  body: changeManySchema,
  handle: ({ db, body }) => changePots(db, body)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PATCH
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
