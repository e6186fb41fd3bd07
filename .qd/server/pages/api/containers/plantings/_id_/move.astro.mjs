import { J as Joi } from '../../../../../chunks/passphrase_DS02Zua_.mjs';
import { l as line, g as day } from '../../../../../chunks/rules_BOjb8_mp.mjs';
import { c as plantingParamsSchema } from '../../../../../chunks/pots_DNz7mDGc.mjs';
import '../../../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { m as movePlants } from '../../../../../chunks/movePlants_ByszC8-_.mjs';
import 'csv-parse/sync';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

const movePlantsSchema = Joi.object({
  code: line("The pot", 20).required().messages({
    "string.empty": "Say which pot they go to, by its code",
    "any.required": "Say which pot they go to, by its code"
  }),
  on: day("The day").required(),
  despite: line("Why all the same", 200).allow("").default("")
});

const POST = defineEndpoint({
  params: plantingParamsSchema,
  body: movePlantsSchema,
  handle: ({ db, params, body, now }) => movePlants(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
