import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { B as Band } from '../chunks/Band_CTppKDQi.mjs';
import { c as common, L as LinkButton, $ as $$Layout } from '../chunks/Layout_CULKZlnp.mjs';
import { F as Figure } from '../chunks/Figure_D8FCbobM.mjs';
import { p as partOf, L as ListBar, l as list, P as Pager, a as listAddress } from '../chunks/Pager_CilYBH19.mjs';
import { P as PageHead } from '../chunks/PageHead_DSY1ER1p.mjs';
import { C as CoreSample } from '../chunks/CoreSample_BnoBsYOk.mjs';
import { S as SiteProvider, u as useSite } from '../chunks/SiteContext_DmfuMSrf.mjs';
import { E as EmptyState } from '../chunks/States_C-NdpDKP.mjs';
import { m as mixWish, a as mixInPlace, g as groups } from '../chunks/plantGroups_C2J7lfj0.mjs';
import { s as styles } from '../chunks/index.93f2bba6_Vf8O3MQP.mjs';
import { P as ProblemPage } from '../chunks/ProblemPage_B3n4p_wm.mjs';
import { e as mixesQuerySchema } from '../chunks/mixes_D4TKCKNU.mjs';
import { k as keep, q as shippedCorrections, m as materials, g as amendments, d as dayAt, w as generationOf } from '../chunks/passphrase_DS02Zua_.mjs';
import { be as byName, ae as materialsById, aG as listCrops, dQ as findMixes, G as findLotNames, J as listMaterials, W as readCardFacts, j as readTables, bW as EXPOSURE_FACTORS, _ as strataOf, dA as keepFor } from '../chunks/database_CmGvnzKd.mjs';
import 'rotating-file-stream';
import { sql, eq } from 'drizzle-orm';
import { r as readSite } from '../chunks/rules_BOjb8_mp.mjs';
import { a as testOfMix, m as materialsAsTested, p as partsToComponents } from '../chunks/mixSetting_D4EgIGnL.mjs';
import { w as worstMonth } from '../chunks/nitrogenBudget_B8Lf_znj.mjs';
import { P as PLANT_GROUPS, g as groupById } from '../chunks/plantGroups_xC5VMRhW.mjs';
import { p as pageOf } from '../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../chunks/queryOf_DFBJYUTv.mjs';
import { v as validate } from '../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../renderers.mjs';

const readCorrections = keep(["site", "materials", "amendments"], async (db) => {
  const rows = await db.select({
    at: shippedCorrections.at,
    taken: shippedCorrections.taken,
    name: sql`coalesce(${materials.name}, ${amendments.name}, ${shippedCorrections.rowId})`
  }).from(shippedCorrections).leftJoin(
    materials,
    sql`${shippedCorrections.list} = 'materials' and ${eq(materials.id, shippedCorrections.rowId)}`
  ).leftJoin(
    amendments,
    sql`${shippedCorrections.list} = 'amendments' and ${eq(amendments.id, shippedCorrections.rowId)}`
  );
  if (rows.length === 0) return null;
  const at = new Date(Math.max(...rows.map((row) => row.at.getTime())));
  const found = {
    at,
    taken: rows.filter(({ taken }) => taken).length,
    left: rows.filter(({ taken }) => !taken).map(({ name }) => name).sort(byName)
  };
  return found;
});

const MIX_ROWS = 24;
const MOST_LOTS = 20;
const keptRows = keepFor(500);
async function mixesPage(db, asked = {}) {
  const site = await readSite(db);
  const materials = await materialsById(db);
  const crops = await listCrops(db);
  const { place } = worstMonth(site);
  const humifiedFines = materials.get("humified-fines");
  if (!humifiedFines) throw new Error("The material that rotten mix becomes is missing.");
  const setting = { materials, crops, place, humifiedFines, timeZone: site.timeZone };
  const { rows, part } = await partOf(
    asked.page,
    (at) => findMixes(db, { find: asked.find ?? "", ...at }),
    MIX_ROWS
  );
  const lots = await findLotNames(db, "", MOST_LOTS, { withContents: true });
  const offered = await mayBeUsed(db, lots.rows, site.timeZone);
  const corrections = await readCorrections(db);
  const mixes = [];
  for (const mix of rows) mixes.push(await mixRow(db, mix, setting));
  return {
    asked,
    part,
    mixes,
    groups: PLANT_GROUPS,
    bags: (await listMaterials(db)).filter(({ material }) => material.group === "bagged mix").map(({ material: { id, name } }) => ({ id, name })),
    lots: offered,
    // Those that may not be used are no more that could be shown.
    lotsTotal: lots.total - (lots.rows.length - offered.length),
    corrections: corrections && {
      on: dayAt(site.timeZone, corrections.at),
      taken: corrections.taken,
      left: corrections.left
    }
  };
}
async function mayBeUsed(db, rows, timeZone) {
  const ids = rows.map(({ id }) => id);
  const facts = await readCardFacts(db, await readTables(db, timeZone), ids);
  const barred = new Set(
    facts.filter(({ triage }) => triage?.hold || GIVEN_UP.includes(triage?.verdict ?? "")).map(({ lot }) => lot.id)
  );
  return rows.filter(({ id }) => !barred.has(id));
}
const GIVEN_UP = ["compost", "discard"];
async function mixRow(db, { id, name, versions: [newest] }, { materials: all, crops, place, humifiedFines, timeZone }) {
  const generation = generationOf("materials", "crops", "site", "mix-tests");
  const stamp = `${name} ${newest.id} ${generation}`;
  const kept = keptRows.read(db, id, stamp);
  if (kept) return kept;
  const { number, parts, madeFor } = newest;
  const test = await testOfMix(db, id, newest.at);
  const materials = new Map([...all, ...materialsAsTested(parts, all, test)]);
  const components = partsToComponents(parts, materials);
  const crop = crops.find((one) => one.id === madeFor.cropId) ?? null;
  const group = groupById(madeFor.groupId);
  const { shape, headspaceCm } = madeFor.container;
  const wish = mixWish({ crop, group });
  const { capacity, dry } = mixInPlace({
    components,
    container: { shape, fillHeightCm: shape.heightCm - headspaceCm },
    crop,
    groupId: group?.id ?? null,
    place: { ...place, exposureFactor: EXPOSURE_FACTORS[madeFor.exposure] },
    humifiedFines
  });
  const row = {
    id,
    name,
    version: number,
    strata: strataOf(components),
    air: capacity.airFraction,
    airTestedOn: test?.from.includes("porosity") ? dayAt(timeZone, test.at) : null,
    days: dry.days,
    containerName: madeFor.containerName,
    cropName: crop?.name ?? null,
    groupId: group?.id ?? null,
    airMin: wish?.airMin ?? null,
    airMax: wish?.airMax ?? null
  };
  keptRows.write(db, id, stamp, row);
  return row;
}

const mixList = {
  title: "Mixes",
  corrected: (day, rows) => `Typical values of ${rows === 1 ? "one material or product" : `${rows} materials and products`} were corrected on ${day}; predictions go by them since.`,
  leftAsTheyWere: (names) => `Left as you changed them: ${names}.`,
  lead: "What a mix does depends on its pot: see it before you fill it.",
  newMix: common.actions.newMix,
  empty: "No mix is written down yet",
  emptyNext: "Begin with a plant group below: its mix is measured out for you, and you change it.",
  columns: {
    mix: "Mix",
    air: "Air after draining",
    days: "Between waterings",
    made: "Designed for"
  },
  version: (number) => `version ${number}`,
  inPot: (pot) => pot ? `in ${pot}` : "in a pot of its own",
  begin: "Begin with a plant group",
  beginNote: "A group is a set of targets, not a recipe. If you have never grown the plant, take the first one with one change, and try it beside another.",
  findMixes: "Find mixes",
  findHint: "Name of a mix",
  moreLots: (count) => `and ${count} more lots`,
  beginElse: "Or begin with",
  bag: "a bag",
  lot: "a lot you have",
  nothing: "nothing",
  compare: "Compare mixes",
  candidates: common.actions.candidates,
  bottom: common.actions.bottomLayer,
  forEver: "loses nothing",
  daysUnit: "days"
};

const words = mixList;
function MixesScreen({
  page,
  site
}) {
  const isLong = page.asked.find || page.part.total > page.part.pageRows;
  return /* @__PURE__ */ jsxs(SiteProvider, { site, isStill: true, children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: words.title,
        lead: words.lead,
        actions: /* @__PURE__ */ jsxs(Fragment, { children: [
          /* @__PURE__ */ jsx(LinkButton, { href: "/mixes/layers", children: words.bottom }),
          /* @__PURE__ */ jsx(LinkButton, { href: "/mixes/compare", children: words.compare }),
          /* @__PURE__ */ jsx(LinkButton, { href: "/trials/candidates", children: words.candidates }),
          /* @__PURE__ */ jsx(LinkButton, { weight: "main", href: "/mixes/design", children: words.newMix })
        ] })
      }
    ),
    isLong && /* @__PURE__ */ jsx(
      ListBar,
      {
        path: "/mixes",
        label: words.findMixes,
        hint: words.findHint,
        find: page.asked.find ?? ""
      }
    ),
    page.mixes.length === 0 && page.asked.find ? /* @__PURE__ */ jsxs("p", { children: [
      list.nothing,
      " ",
      /* @__PURE__ */ jsx("a", { href: "/mixes", children: list.showAll })
    ] }) : page.mixes.length === 0 ? /* @__PURE__ */ jsx(EmptyState, { title: words.empty, next: words.emptyNext }) : /* @__PURE__ */ jsx("ul", { className: styles.mixes, children: page.mixes.map((mix) => /* @__PURE__ */ jsx(Row, { mix }, mix.id)) }),
    /* @__PURE__ */ jsx(
      Pager,
      {
        part: page.part,
        addressOf: (to) => listAddress("/mixes", { ...page.asked, page: to })
      }
    ),
    /* @__PURE__ */ jsxs("section", { "aria-labelledby": "begin", className: styles.begin, children: [
      /* @__PURE__ */ jsx("h2", { id: "begin", children: words.begin }),
      /* @__PURE__ */ jsx("p", { className: styles.note, children: words.beginNote }),
      /* @__PURE__ */ jsx("ul", { className: styles.groups, children: page.groups.map(({ id }) => /* @__PURE__ */ jsxs("li", { children: [
        /* @__PURE__ */ jsx("a", { href: `/mixes/design?group=${id}`, children: groups[id].name }),
        /* @__PURE__ */ jsx("span", { children: groups[id].why })
      ] }, id)) }),
      /* @__PURE__ */ jsxs("p", { children: [
        words.beginElse,
        " ",
        words.bag,
        ":",
        " ",
        page.bags.map(({ id, name }, index) => /* @__PURE__ */ jsxs("span", { children: [
          index > 0 && ", ",
          /* @__PURE__ */ jsx("a", { href: `/mixes/design?bag=${id}`, children: name })
        ] }, id))
      ] }),
      /* @__PURE__ */ jsxs("p", { children: [
        words.beginElse,
        " ",
        words.lot,
        ":",
        " ",
        page.lots.map(({ id, name }, index) => /* @__PURE__ */ jsxs("span", { children: [
          index > 0 && ", ",
          /* @__PURE__ */ jsx("a", { href: `/mixes/design?lot=${id}`, children: name })
        ] }, id)),
        page.lotsTotal > page.lots.length && /* @__PURE__ */ jsxs(Fragment, { children: [
          " ",
          /* @__PURE__ */ jsx("a", { href: "/lots", children: words.moreLots(page.lotsTotal - page.lots.length) })
        ] })
      ] })
    ] }),
    /* @__PURE__ */ jsx(Corrected, { page })
  ] });
}
function Corrected({ page: { corrections } }) {
  const { format } = useSite();
  if (!corrections) return null;
  const { on, taken, left } = corrections;
  return /* @__PURE__ */ jsxs("p", { className: styles.note, children: [
    words.corrected(format.day(on), taken),
    left.length > 0 && ` ${words.leftAsTheyWere(left.join(", "))}`
  ] });
}
function Row({ mix }) {
  const { format } = useSite();
  const what = mix.cropName ?? (mix.groupId ? groups[mix.groupId].name : null);
  return /* @__PURE__ */ jsxs("li", { className: styles.mix, children: [
    /* @__PURE__ */ jsx(CoreSample, { strata: mix.strata, size: "row" }),
    /* @__PURE__ */ jsxs("div", { className: styles.name, children: [
      /* @__PURE__ */ jsx("a", { href: `/mixes/design?mix=${mix.id}`, children: mix.name }),
      /* @__PURE__ */ jsxs("span", { children: [
        words.version(mix.version),
        " · ",
        what && `${what} `,
        words.inPot(mix.containerName)
      ] })
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.value, children: [
      /* @__PURE__ */ jsx("span", { className: styles.label, children: words.columns.air }),
      /* @__PURE__ */ jsx(Figure, { amount: format.percent(mix.air), measuredOn: mix.airTestedOn }),
      mix.airMin !== null && /* @__PURE__ */ jsx(Band, { value: mix.air, low: mix.airMin, high: mix.airMax, from: 0, to: 0.6 })
    ] }),
    /* @__PURE__ */ jsxs("div", { className: styles.value, children: [
      /* @__PURE__ */ jsx("span", { className: styles.label, children: words.columns.days }),
      mix.days === null ? words.forEver : /* @__PURE__ */ jsx(
        Figure,
        {
          amount: { number: format.number(mix.days, 1), unit: words.daysUnit },
          measuredOn: null
        }
      )
    ] })
  ] });
}

const $$Astro = createAstro();
const $$Index = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Index;
  const { site, view, problem } = await pageOf(
    (db) => mixesPage(db, validate(mixesQuerySchema, queryOf(Astro2.url), true))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": mixList.title, "site": site, "area": "mixes" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "MixesScreen", MixesScreen, { "page": view, "site": site })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/mixes" })}`}` })}`;
}, "/work/main/src/pages/mixes/index.astro", void 0);

const $$file = "/work/main/src/pages/mixes/index.astro";
const $$url = "/mixes";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Index,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
