import '../../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../../chunks/passphrase_DS02Zua_.mjs';
import { c as changeTreatment } from '../../../../../../chunks/lotTreatments_DEMwmWaD.mjs';
import { t as treatmentChangeSchema, a as treatmentParamsSchema } from '../../../../../../chunks/treatments_HSsuqf4S.mjs';
import { d as defineEndpoint } from '../../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../../renderers.mjs';

const PUT = defineEndpoint({
  params: treatmentParamsSchema,
  body: treatmentChangeSchema,
  handle: async ({ db, params, body, now }) => {
    const { counts, goesOn } = body;
    await changeTreatment(
      db,
      params.id,
      params.treatmentId,
      counts === void 0 ? { endedAt: goesOn ? null : now } : { takenBackAt: counts ? null : now }
    );
    return body;
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
