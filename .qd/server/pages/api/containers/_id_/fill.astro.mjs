import { f as fillPotSchema } from '../../../../chunks/fillPot_BUuGV5ac.mjs';
import { p as potParamsSchema } from '../../../../chunks/pots_DNz7mDGc.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import '../../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { f as fillPot } from '../../../../chunks/fillPot_Fn6vinSe.mjs';
import 'csv-parse/sync';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../renderers.mjs';

const POST = defineEndpoint({
  params: potParamsSchema,
  body: fillPotSchema,
  handle: ({ db, params, body, now }) => fillPot(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
