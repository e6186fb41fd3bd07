import { b0 as addContainers, aD as createLot, ae as materialsById, ac as requireShape, bE as newLotSchema } from '../../../chunks/database_CmGvnzKd.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
import '../../../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { R as Refused, D as DomainError } from '../../../chunks/problem_BTADoVqZ.mjs';
import { r as refuseTooMuch, l as litresThatFit } from '../../../chunks/requireRoom_B5M50YYj.mjs';
export { renderers } from '../../../renderers.mjs';

const STORE = "Store";
async function newLot(db, body, at) {
  const components = await requireComponents(db, body);
  const { container } = body;
  if (container) requireContainer(container);
  const wanted = components.reduce((sum, { litres }) => sum + litres, 0);
  const fits = container ? fitting(container, components) : wanted;
  if (wanted > fits && body.rest !== "store") {
    refuseTooMuch(
      "components",
      wanted,
      fits,
      "Add a pot, make less, or keep the rest as a lot in the store."
    );
  }
  const share = Math.min(1, fits / wanted);
  return db.transaction(async (tx) => {
    const containerIds = container ? await addContainers(
      tx,
      {
        name: body.name,
        place: body.place,
        shape: container.shape,
        headspaceCm: container.headspaceCm,
        exposure: container.exposure
      },
      container.count
    ) : [];
    const { name, origin } = body;
    const id = await createLot(tx, {
      name,
      origin,
      storeBin: container ? null : body.place,
      containerIds,
      lines: [filledWith(components, share)],
      at
    });
    if (share === 1) return { id, restId: null };
    const restId = await createLot(tx, {
      name: `${name}, left over`,
      origin,
      storeBin: STORE,
      containerIds: [],
      lines: [filledWith(components, 1 - share)],
      at
    });
    return { id, restId };
  });
}
async function requireComponents(db, body) {
  const materials = await materialsById(db);
  const measured = body.components.flatMap(({ materialId, litres }, index) => {
    if (litres === 0) return [];
    const material = materials.get(materialId);
    if (!material) {
      throw new Refused(422, "not-valid", "Choose a material from the list.", [
        { field: `components.${index}.materialId`, message: "Choose a material from the list." }
      ]);
    }
    return [{ material, litres }];
  });
  if (measured.length === 0) {
    throw new DomainError("too-few", "Say how many litres: at least one part must be above 0.", {
      field: "components"
    });
  }
  return measured;
}
function requireContainer({ shape, headspaceCm }) {
  requireShape(shape);
  if (headspaceCm >= shape.heightCm) {
    throw new Refused(422, "not-valid", "The headspace must be less than the height.", [
      { field: "container.headspaceCm", message: "The headspace must be less than the height." }
    ]);
  }
}
function fitting({ shape, count }, components) {
  const shapes = Array.from({ length: count }, () => shape);
  return litresThatFit(
    shapes,
    components.map(({ material, litres }) => ({ material, parts: litres }))
  );
}
function filledWith(components, share) {
  const parts = components.map(({ material, litres: litres2 }) => ({
    materialId: material.id,
    litres: litres2 * share
  }));
  const litres = parts.reduce((sum, part) => sum + part.litres, 0);
  return { kind: "filled", litres, components: parts, doses: [], note: null };
}

const POST = defineEndpoint({
  body: newLotSchema,
  status: 201,
  handle: ({ db, body, now }) => newLot(db, body, now)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  POST
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
