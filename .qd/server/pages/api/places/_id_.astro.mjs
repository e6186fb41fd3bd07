import { p as placeCorrectionSchema, a as placeParamsSchema } from '../../../chunks/places_Cli_UVes.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import '../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import { c as correctPlace } from '../../../chunks/places_CrI4n1Wr.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const PATCH = defineEndpoint({
  params: placeParamsSchema,
  body: placeCorrectionSchema,
  handle: ({ db, params, body }) => correctPlace(db, params.id, body)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PATCH
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
