import { cS as endFindingOfTrial } from '../../../../../../chunks/database_CmGvnzKd.mjs';
import '../../../../../../chunks/passphrase_DS02Zua_.mjs';
import { n as nothing } from '../../../../../../chunks/rules_BOjb8_mp.mjs';
import { f as findingParamsSchema } from '../../../../../../chunks/looks_DLFzjMAO.mjs';
import { d as defineEndpoint } from '../../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../../renderers.mjs';

const POST = defineEndpoint({
  params: findingParamsSchema,
  body: nothing,
  handle: async ({ db, params, now }) => {
    await endFindingOfTrial(db, params.id, params.findingId, now);
    return {};
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
