import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import { bh as balanceView } from '../../../chunks/database_CmGvnzKd.mjs';
export { renderers } from '../../../renderers.mjs';

const GET = defineEndpoint({ handle: async () => balanceView() });

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
	__proto__: null,
	GET
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
