import { h as heightForVolume, c as containerVolume } from '../../../chunks/database_CmGvnzKd.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import { w as writeKit } from '../../../chunks/kit_DM-C40vb.mjs';
import { k as kitSchema } from '../../../chunks/tests_CpGMhbI4.mjs';
import 'rotating-file-stream';
import { R as Refused } from '../../../chunks/problem_BTADoVqZ.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
export { renderers } from '../../../renderers.mjs';

function requireKit(kit) {
  const { columnShape, mixLitres, pouredMl, markMl, porosityShape, porosityLitres } = kit;
  const holds = (shape) => containerVolume({ shape, fillHeightCm: shape.heightCm });
  if (mixLitres > holds(columnShape)) {
    refuse("mixLitres", `The column holds ${litres(holds(columnShape))} to its rim.`);
  }
  if (porosityLitres > holds(porosityShape)) {
    refuse("porosityLitres", `The pot for pores holds ${litres(holds(porosityShape))} to its rim.`);
  }
  if (markMl >= pouredMl) refuse("markMl", "The mark has to lie below what is poured.");
  const room = holds(columnShape) - mixLitres;
  if (pouredMl / 1e3 > 2 * room) {
    const headspace = columnShape.heightCm - heightForVolume({ shape: columnShape, litres: mixLitres });
    refuse(
      "pouredMl",
      `Above the mix there are ${headspace.toFixed(1)} cm (${litres(room)}): so much water would run over the rim.`
    );
  }
}
function refuse(field, message) {
  throw new Refused(422, "not-valid", message, [{ field: `kit.${field}`, message }]);
}
function litres(value) {
  return `${value.toFixed(1)} L`;
}

const PUT = defineEndpoint({
  body: kitSchema,
  handle: async ({ db, body: { kit, version } }) => {
    requireKit(kit);
    return { version: await writeKit(db, kit, version) };
  }
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  PUT
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
