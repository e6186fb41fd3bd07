import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import '../../../../../chunks/database_CmGvnzKd.mjs';
import { t as takeUpWorkOrder } from '../../../../../chunks/workOrders_mJPTTFlj.mjs';
import { o as orderParamsSchema } from '../../../../../chunks/turnover_COz_YGJm.mjs';
import { n as nothing } from '../../../../../chunks/rules_BOjb8_mp.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../../renderers.mjs';

const POST = defineEndpoint({
  params: orderParamsSchema,
  body: nothing,
  handle: ({ db, params }) => takeUpWorkOrder(db, params.id)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
