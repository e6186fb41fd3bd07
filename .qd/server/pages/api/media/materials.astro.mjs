import { J as Joi } from '../../../chunks/passphrase_DS02Zua_.mjs';
import { l as line } from '../../../chunks/rules_BOjb8_mp.mjs';
import { d as defineEndpoint } from '../../../chunks/defineEndpoint_CZUmPauA.mjs';
import { J as listMaterials, bF as waterContent } from '../../../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
export { renderers } from '../../../renderers.mjs';

async function materialsPage(db, { offset, limit, filter, order, descending }) {
  const words = filter.toLocaleLowerCase().split(/\s+/).filter(Boolean);
  const rows = (await listMaterials(db)).map(rowOf).filter(({ name, group }) => {
    const text = `${name} ${group}`.toLocaleLowerCase();
    return words.every((word) => text.includes(word));
  }).sort((a, b) => compare(a[order], b[order], descending) || a.name.localeCompare(b.name));
  return { rows: rows.slice(offset, offset + limit), total: rows.length };
}
function rowOf({ material, pricePerLitre, litres }) {
  const { id, name, group, bulkDensity, totalPorosity, grainMm, pH, ec1to2, cToN, curve } = material;
  return {
    id,
    name,
    group,
    bulkDensity,
    totalPorosity,
    airAt10: totalPorosity - waterContent(curve, 10),
    grainMm,
    pH,
    ec1to2,
    cToN,
    pricePerLitre,
    stockLitres: litres
  };
}
function compare(a, b, descending) {
  if (a === null || b === null) return Number(a === null) - Number(b === null);
  const order = typeof a === "number" && typeof b === "number" ? a - b : String(a).localeCompare(String(b));
  return descending ? -order : order;
}

const MATERIAL_COLUMNS = [
  "name",
  "group",
  "bulkDensity",
  "totalPorosity",
  "airAt10",
  "grainMm",
  "pH",
  "ec1to2",
  "cToN",
  "pricePerLitre",
  "stockLitres"
];
const materialsQuerySchema = Joi.object({
  offset: Joi.number().integer().min(0).max(1e6).default(0),
  limit: Joi.number().integer().min(1).max(500).default(100),
  filter: line("The filter", 100).allow("").default(""),
  order: Joi.string().valid(...MATERIAL_COLUMNS).default("name"),
  descending: Joi.boolean().default(false)
});

const GET = defineEndpoint({
  query: materialsQuerySchema,
  handle: ({ db, query }) => materialsPage(db, query)
});

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  GET
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
