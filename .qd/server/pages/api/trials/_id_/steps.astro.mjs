import { de as trialStepSchema, cu as trialParamsSchema } from '../../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import 'papaparse';
import { t as tickTrialStep } from '../../../../chunks/trialNotes_Cqq4ETb3.mjs';
import { t as trialPage } from '../../../../chunks/trialPage_CSSjeobU.mjs';
export { renderers } from '../../../../renderers.mjs';

const POST = defineEndpoint({
  params: trialParamsSchema,
  body: trialStepSchema,
  needs: "log",
  handle: async ({ db, params, body, now }) => {
    await tickTrialStep(db, params.id, body, now);
    return trialPage(db, params.id);
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
