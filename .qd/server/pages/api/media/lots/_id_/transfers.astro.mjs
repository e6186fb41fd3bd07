import { G as findLotNames, j as readTables, W as readCardFacts, b2 as listContainers, bs as lotParamsSchema } from '../../../../../chunks/database_CmGvnzKd.mjs';
import { t as targetsQuerySchema, a as transferSchema } from '../../../../../chunks/transfers_CcWRRxDo.mjs';
import { d as defineEndpoint } from '../../../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { n as newTransfer } from '../../../../../chunks/newTransfer_FdcnwSkX.mjs';
import { r as readSite } from '../../../../../chunks/rules_BOjb8_mp.mjs';
export { renderers } from '../../../../../renderers.mjs';

const MOST_LOTS = 30;
const MOST_POTS = 200;
async function transferTargets(db, lotId, find) {
  const { rows, total } = await findLotNames(db, find, MOST_LOTS + 1);
  const ids = rows.map(({ id }) => id).filter((id) => id !== lotId);
  const tables = await readTables(db, (await readSite(db)).timeZone);
  const facts = await readCardFacts(db, tables, ids.slice(0, MOST_LOTS));
  const empty = (await listContainers(db)).filter((pot) => pot.lotId === null);
  return {
    lots: facts.map(({ lot, where, containers }) => ({
      id: lot.id,
      name: lot.name,
      where,
      litres: lot.contents.litres,
      roomLitres: containers.length === 0 ? null : containers.reduce((sum, { litres }) => sum + litres, 0)
    })),
    lotsTotal: Math.max(0, total - 1),
    pots: empty.slice(0, MOST_POTS).map(({ id, code, name, place, litres }) => ({ id, code, name, place, litres }))
  };
}

const GET = defineEndpoint({
  params: lotParamsSchema,
  query: targetsQuerySchema,
  handle: ({ db, params, query: { find = "" } }) => transferTargets(db, params.id, find)
});
const POST = defineEndpoint({
  params: lotParamsSchema,
  body: transferSchema,
  status: 201,
  handle: ({ db, params, body, now }) => newTransfer(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  GET,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
