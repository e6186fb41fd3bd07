import { g as readLot, f as requireContainers, n as tellLotChanged, bt as exposureSchema, bs as lotParamsSchema } from '../../../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { a as changeExposure } from '../../../../../chunks/manyContainers_dBD7e4bG.mjs';
import { C as Conflict } from '../../../../../chunks/problem_BTADoVqZ.mjs';
export { renderers } from '../../../../../renderers.mjs';

async function newExposure(db, lotId, exposure) {
  const { containerIds } = await readLot(db, lotId);
  const [first] = await requireContainers(db, containerIds);
  if (!first) throw new Conflict("This lot stands in no container.");
  await changeExposure(db, containerIds, exposure);
  await tellLotChanged(db, lotId);
  return { before: first.exposure };
}

const PUT = defineEndpoint({
  params: lotParamsSchema,
  body: exposureSchema,
  handle: ({ db, params, body }) => newExposure(db, params.id, body.exposure)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
