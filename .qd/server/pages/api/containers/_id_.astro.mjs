import { a as potCorrectionSchema, p as potParamsSchema } from '../../../chunks/pots_DNz7mDGc.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import { f as requireContainers, m as correctContainer, c as containerVolume, n as tellLotChanged, o as readLotFacts, j as readTables, g as readLot, q as containersOfLot } from '../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { r as readSite } from '../../../chunks/rules_BOjb8_mp.mjs';
import { r as refuseField } from '../../../chunks/problem_BTADoVqZ.mjs';
import { M as MEASURED_TO } from '../../../chunks/requireRoom_B5M50YYj.mjs';
import { s as shapeWithFiller } from '../../../chunks/shapeWithFiller_V1sC1xLB.mjs';
import 'csv-parse/sync';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

async function correctPot(db, id, correction) {
  const { headspaceCm } = correction;
  if (headspaceCm >= correction.shape.heightCm) {
    refuseField("headspaceCm", "The gap to the rim is as high as the pot: nothing would fit in.");
  }
  const [container] = await requireContainers(db, [id]);
  const lotId = container?.lotId ?? null;
  const fillerCm = correction.fillerCm ?? container?.fillerCm ?? 0;
  const shape = shapeWithFiller(correction.shape, fillerCm, headspaceCm);
  if (lotId !== null) await requireRoom(db, lotId, id, shape);
  await correctContainer(db, id, { ...correction, fillerCm });
  const litres = containerVolume({ shape, fillHeightCm: shape.heightCm - headspaceCm });
  if (lotId === null) return { litres, air: null };
  await tellLotChanged(db, lotId);
  const { timeZone } = await readSite(db);
  const { air } = await readLotFacts(db, await readTables(db, timeZone), lotId);
  return { litres, air: air?.value ?? null };
}
async function requireRoom(db, lotId, id, shape) {
  const { contents } = await readLot(db, lotId);
  const pots = await requireContainers(db, await containersOfLot(db, lotId));
  const rim = pots.reduce(
    (sum, pot) => sum + containerVolume({ shape: pot.id === id ? shape : pot.shape }),
    0
  );
  if (contents.litres <= rim * MEASURED_TO) return;
  refuseField(
    "shape.heightCm",
    `${contents.litres.toFixed(1)} L stand in it by the ledger; of that size it would hold ${rim.toFixed(1)} L to the rim. Measure again, or enter what was lost first.`
  );
}

const PATCH = defineEndpoint({
  params: potParamsSchema,
  body: potCorrectionSchema,
  handle: ({ db, params, body }) => correctPot(db, params.id, body)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PATCH
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
