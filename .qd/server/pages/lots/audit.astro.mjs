import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { N as Notice, c as common, $ as $$Layout } from '../../chunks/Layout_CULKZlnp.mjs';
import { P as PageHead } from '../../chunks/PageHead_DSY1ER1p.mjs';
import { S as Sideways } from '../../chunks/Sideways_jAPV4cnT.mjs';
import { S as SiteProvider, u as useSite } from '../../chunks/SiteContext_DmfuMSrf.mjs';
import { m as media } from '../../chunks/media_D6z_O_p6.mjs';
import { a as audit } from '../../chunks/transfers_CI7eRMJZ.mjs';
import { s as styles } from '../../chunks/audit.b38fe156_aXMdUOw4.mjs';
import { P as ProblemPage } from '../../chunks/ProblemPage_B3n4p_wm.mjs';
import { dI as litresThere, L as readLotNames, dJ as newestTransfers, dK as newestEntryId, dL as unbalancedLots, dM as sumsByKind, dA as keepFor } from '../../chunks/database_CmGvnzKd.mjs';
import { d as dayAt } from '../../chunks/passphrase_DS02Zua_.mjs';
import { r as readSite } from '../../chunks/rules_BOjb8_mp.mjs';
import 'rotating-file-stream';
import { p as pageOf } from '../../chunks/pageOf_CZoV3y6K.mjs';
export { renderers } from '../../renderers.mjs';

const KINDS = [
  "filled",
  "topped-up",
  "amended",
  "recounted",
  "treated",
  "tested",
  "moved",
  "settled",
  "lost",
  "discarded",
  "emptied"
];
const BETWEEN = ["split", "merged"];
const MOST_TRANSFERS = 50;
const keptSums = keepFor(1);
async function addedUp(db, timeZone) {
  const stamp = String(await newestEntryId(db));
  const known = keptSums.read(db, timeZone, stamp);
  if (known) return known;
  const made = { sums: await sumsByKind(db, timeZone), unbalanced: await unbalancedLots(db) };
  keptSums.write(db, timeZone, stamp, made);
  return made;
}
async function auditPage(db) {
  const { timeZone } = await readSite(db);
  const { sums, unbalanced } = await addedUp(db, timeZone);
  const years = [...new Set(sums.map(({ year }) => year))].sort((a, b) => a - b);
  const of = (kind, year) => sums.find((one) => one.kind === kind && one.year === year)?.litres ?? 0;
  const rows = KINDS.map((kind) => ({
    kind,
    byYear: years.map((year) => of(kind, year)),
    litres: years.reduce((total, year) => total + of(kind, year), 0)
  })).filter(({ byYear }) => byYear.some((litres) => litres !== 0));
  const moved = sums.filter(({ kind }) => BETWEEN.includes(kind));
  const there = await litresThere(db);
  const names = await readLotNames(
    db,
    unbalanced.map(({ lotId }) => lotId)
  );
  return {
    years,
    rows,
    inUseLitres: there.inUse,
    putAwayLitres: there.putAway,
    unaccountedLitres: sums.reduce((sum, { litres }) => sum + litres, 0) - there.inUse - there.putAway,
    betweenByYear: years.map(
      (year) => moved.reduce((sum, one) => sum + (one.year === year ? one.came : 0), 0)
    ),
    unbalanced: unbalanced.map((one) => ({ ...one, name: names.get(one.lotId) ?? "" })),
    transfers: (await newestTransfers(db, MOST_TRANSFERS)).map(({ at, ...one }) => ({
      ...one,
      on: dayAt(timeZone, at)
    }))
  };
}

const ROUNDING_L = 1e-6;
function AuditScreen({
  page,
  site
}) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, isStill: true, children: /* @__PURE__ */ jsx(Audit, { page }) });
}
function Audit({ page }) {
  const { format } = useSite();
  const litres = (value) => format.plain(format.litres(value));
  const there = page.inUseLitres + page.putAwayLitres;
  const isBalanced = Math.abs(page.unaccountedLitres) <= ROUNDING_L && page.unbalanced.length === 0;
  const came = page.rows.filter(({ litres: sum }) => sum > 0).reduce((sum, row) => sum + row.litres, 0);
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(PageHead, { title: audit.title }),
    /* @__PURE__ */ jsx(Notice, { tone: isBalanced ? "ok" : "stop", children: isBalanced ? audit.balanced(litres(came), litres(there), litres(came - there)) : audit.unbalanced(litres(Math.abs(page.unaccountedLitres))) }),
    /* @__PURE__ */ jsx(Sums, { page }),
    page.unbalanced.length > 0 && /* @__PURE__ */ jsxs("section", { "aria-labelledby": "by-lot", className: styles.part, children: [
      /* @__PURE__ */ jsx("h2", { id: "by-lot", children: audit.byLot }),
      /* @__PURE__ */ jsx("table", { className: styles.table, children: /* @__PURE__ */ jsx("tbody", { children: page.unbalanced.map(({ lotId, name, byEntries, byMaterials }) => /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "row", children: /* @__PURE__ */ jsx("a", { href: `/lots/${lotId}`, children: name }) }),
        /* @__PURE__ */ jsxs("td", { children: [
          audit.byEntries,
          " ",
          litres(byEntries)
        ] }),
        /* @__PURE__ */ jsxs("td", { children: [
          audit.byMaterials,
          " ",
          litres(byMaterials)
        ] })
      ] }, lotId)) }) })
    ] }),
    /* @__PURE__ */ jsxs("section", { "aria-labelledby": "from-lot-to-lot", className: styles.part, children: [
      /* @__PURE__ */ jsx("h2", { id: "from-lot-to-lot", children: audit.transfers }),
      page.transfers.length === 0 ? /* @__PURE__ */ jsx("p", { className: styles.note, children: audit.none }) : /* @__PURE__ */ jsx("ul", { className: styles.flows, children: page.transfers.map((flow) => /* @__PURE__ */ jsxs("li", { children: [
        /* @__PURE__ */ jsx("span", { className: styles.day, children: format.day(flow.on) }),
        /* @__PURE__ */ jsx("span", { className: styles.number, children: litres(flow.litres) }),
        /* @__PURE__ */ jsxs("span", { children: [
          /* @__PURE__ */ jsx("a", { href: `/lots/${flow.fromLotId}`, children: flow.fromName }),
          " →",
          " ",
          /* @__PURE__ */ jsx("a", { href: `/lots/${flow.toLotId}`, children: flow.toName }),
          flow.despite && /* @__PURE__ */ jsxs("span", { className: styles.note, children: [
            " · ",
            audit.despite(flow.despite)
          ] })
        ] })
      ] }, flow.id)) })
    ] })
  ] });
}
function Sums({ page }) {
  const { format } = useSite();
  const signed = (value) => {
    if (value === 0) return common.none;
    const sign = value > 0 ? "+" : "−";
    return `${sign}${format.plain(format.litres(Math.abs(value)))}`;
  };
  const plain = (value) => format.plain(format.litres(value));
  const between = page.betweenByYear.reduce((sum, value) => sum + value, 0);
  return /* @__PURE__ */ jsx(Sideways, { label: audit.what, children: /* @__PURE__ */ jsxs("table", { className: styles.table, children: [
    /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
      /* @__PURE__ */ jsx("th", { scope: "col", children: audit.what }),
      page.years.map((year) => /* @__PURE__ */ jsx("th", { scope: "col", className: styles.number, children: year }, year)),
      /* @__PURE__ */ jsx("th", { scope: "col", className: styles.number, children: audit.total })
    ] }) }),
    /* @__PURE__ */ jsxs("tbody", { children: [
      page.rows.map(({ kind, byYear, litres }) => /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "row", children: media.ledgerKinds[kind] }),
        byYear.map((value, index) => /* @__PURE__ */ jsx("td", { className: styles.number, children: signed(value) }, page.years[index])),
        /* @__PURE__ */ jsx("td", { className: styles.number, children: signed(litres) })
      ] }, kind)),
      between > 0 && /* @__PURE__ */ jsxs("tr", { className: styles.between, children: [
        /* @__PURE__ */ jsx("th", { scope: "row", children: audit.between }),
        page.betweenByYear.map((value, index) => /* @__PURE__ */ jsx("td", { className: styles.number, children: value === 0 ? common.none : plain(value) }, page.years[index])),
        /* @__PURE__ */ jsx("td", { className: styles.number, children: plain(between) })
      ] })
    ] }),
    /* @__PURE__ */ jsxs("tfoot", { children: [
      page.putAwayLitres > 0 && /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "row", colSpan: page.years.length + 1, children: audit.putAway }),
        /* @__PURE__ */ jsx("td", { className: styles.number, children: plain(page.putAwayLitres) })
      ] }),
      /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { scope: "row", colSpan: page.years.length + 1, children: audit.there }),
        /* @__PURE__ */ jsx("td", { className: styles.number, children: plain(page.inUseLitres) })
      ] })
    ] })
  ] }) });
}

const $$Astro = createAstro();
const $$Audit = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Audit;
  const { site, view, problem } = await pageOf((db) => auditPage(db));
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": audit.title, "site": site, "area": "lots" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "AuditScreen", AuditScreen, { "page": view, "site": site })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/lots" })}`}` })}`;
}, "/work/main/src/pages/lots/audit.astro", void 0);

const $$file = "/work/main/src/pages/lots/audit.astro";
const $$url = "/lots/audit";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Audit,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
