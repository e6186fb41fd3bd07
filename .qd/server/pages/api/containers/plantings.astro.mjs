import { d as newPlantingsSchema } from '../../../chunks/pots_DNz7mDGc.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import '../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { n as newPlantings } from '../../../chunks/newPlantings_CDIwyR-v.mjs';
import 'csv-parse/sync';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

const POST = defineEndpoint({
  body: newPlantingsSchema,
  status: 201,
  handle: ({ db, body, now }) => newPlantings(db, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
