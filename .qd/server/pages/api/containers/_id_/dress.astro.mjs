import { t as topDressing, d as dressSchema, g as goingOnParams } from '../../../../chunks/goingOn_2gdAMgm5.mjs';
import '../../../../chunks/passphrase_DS02Zua_.mjs';
import { f as requireContainers, g as readLot, h as heightForVolume, i as areaAt } from '../../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import 'csv-parse/sync';
import { r as refuseField } from '../../../../chunks/problem_BTADoVqZ.mjs';
import { n as newEntry } from '../../../../chunks/newEntry_CCqOn3qZ.mjs';
import { d as defineEndpoint } from '../../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../../renderers.mjs';

async function topDress(db, containerId, { materialId, depthCm, check }, at) {
  const [pot] = await requireContainers(db, [containerId]);
  if (pot?.lotId == null) return refuseField("materialId", "There is no mix in this pot.");
  const { contents, containerIds } = await readLot(db, pot.lotId);
  const pots = await requireContainers(db, containerIds);
  const room = pots.reduce((sum, { litres: litres2 }) => sum + litres2, 0);
  const standing = Math.min(pot.litres, contents.litres * pot.litres / room);
  const zCm = heightForVolume({ shape: pot.shape, litres: standing });
  const litres = topDressing(areaAt({ shape: pot.shape, zCm }), depthCm);
  if (zCm + depthCm > pot.shape.heightCm) {
    refuseField(
      "depthCm",
      `The mix stands ${(pot.shape.heightCm - zCm).toFixed(1)} cm below the rim: not so thick.`
    );
  }
  if (!check) {
    const note = `Top-dressing of ${pot.code}, ${depthCm} cm`;
    await newEntry(db, pot.lotId, { kind: "topped-up", materialId, litres, note }, at);
  }
  return { litres };
}

const POST = defineEndpoint({
  params: goingOnParams,
  body: dressSchema,
  handle: ({ db, params, body, now }) => topDress(db, params.id, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
