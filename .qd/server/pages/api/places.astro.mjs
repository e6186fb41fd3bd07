import { n as newPlaceSchema } from '../../chunks/places_Cli_UVes.mjs';
import '../../chunks/passphrase_DS02Zua_.mjs';
import '../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import { n as newPlace } from '../../chunks/places_CrI4n1Wr.mjs';
import { d as defineEndpoint } from '../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../renderers.mjs';

const POST = defineEndpoint({
  body: newPlaceSchema,
  status: 201,
  handle: ({ db, body }) => newPlace(db, body)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
