import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { jsx, jsxs, Fragment } from 'react/jsx-runtime';
import { Fragment as Fragment$1, useState } from 'react';
import { L as LinkButton, c as common, d as useReady, u as useSend, P as ProblemNotice, B as Button, s as showToastOnNextPage, $ as $$Layout } from '../chunks/Layout_CULKZlnp.mjs';
import { S as SelectField, C as Choice } from '../chunks/Field_D6p8NWuD.mjs';
import { F as Figure } from '../chunks/Figure_D8FCbobM.mjs';
import { p as partOf, l as list, L as ListBar, P as Pager, a as listAddress } from '../chunks/Pager_CilYBH19.mjs';
import { s as styles } from '../chunks/index.c29526bc_COBuSM-T.mjs';
import { P as PageHead } from '../chunks/PageHead_DSY1ER1p.mjs';
import { C as CoreSample } from '../chunks/CoreSample_BnoBsYOk.mjs';
import { I as InningsStrip } from '../chunks/InningsStrip_DTDkk10D.mjs';
import { S as SiteProvider, u as useSite } from '../chunks/SiteContext_DmfuMSrf.mjs';
import { E as EmptyState } from '../chunks/States_C-NdpDKP.mjs';
import { m as media } from '../chunks/media_D6z_O_p6.mjs';
import { a as audit } from '../chunks/transfers_CI7eRMJZ.mjs';
import { f as findingText } from '../chunks/findingText_DmfmtsFy.mjs';
import { s as styles$1, a as styles$2 } from '../chunks/index.cfe2d793_Bp8MYRHn.mjs';
import { S as StateMark } from '../chunks/StateMark_1BSY_9Q5.mjs';
import { P as ProblemPage } from '../chunks/ProblemPage_B3n4p_wm.mjs';
import { j as readTables, dN as findLots, W as readCardFacts, dO as lotsQuerySchema } from '../chunks/database_CmGvnzKd.mjs';
import '../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { d as readOpenOrders } from '../chunks/readWorkOrders_B5k6F5lp.mjs';
import { r as readSite, i as isSouthern } from '../chunks/rules_BOjb8_mp.mjs';
import { l as lotOrderOf } from '../chunks/lotOrderOf_8Prlo_SD.mjs';
import { l as lotRow } from '../chunks/lotRow_C1l0flwL.mjs';
import { p as pageOf } from '../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../chunks/queryOf_DFBJYUTv.mjs';
import { v as validate } from '../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../renderers.mjs';

async function lotsPage(db, asked = {}) {
  const site = await readSite(db);
  const tables = await readTables(db, site.timeZone);
  const { place = null, state, order, find = "", page } = asked;
  const { ids, part, ...sums } = await partOf(
    page,
    (at) => findLots(db, {
      find,
      place,
      ...lotOrderOf(order),
      ...state ? { states: [state] } : {},
      ...at
    })
  );
  const orders = await readOpenOrders(db, ids);
  const facts = await readCardFacts(db, tables, ids);
  return {
    asked,
    part,
    site: {
      timeZone: site.timeZone,
      southern: isSouthern(site.latitudeDeg),
      version: site.version
    },
    lots: facts.map((one) => lotRow(one, tables, orders.get(one.lot.id) ?? null)),
    inPotsLitres: sums.inPotsLitres,
    inStoreLitres: sums.inStoreLitres,
    litreInnings: sums.litreInnings
  };
}

function SortHead({
  name,
  address,
  sorted
}) {
  return /* @__PURE__ */ jsx(
    "th",
    {
      "aria-sort": sorted === "up" ? "ascending" : sorted === "down" ? "descending" : void 0,
      className: styles.head,
      children: /* @__PURE__ */ jsxs("a", { href: address, title: list.sortBy(name), children: [
        name,
        /* @__PURE__ */ jsx("span", { "aria-hidden": "true", className: styles.arrow, children: sorted === "up" ? "▲" : sorted === "down" ? "▼" : "" })
      ] })
    }
  );
}

const LOT_COLUMNS = [
  "litres",
  "innings",
  "air",
  "ph",
  "now"
];
const SORTED = ["name", "litres", "innings", "air", "ph"];
function LotsScreen({ page, site }) {
  return /* @__PURE__ */ jsx(SiteProvider, { site, isStill: true, children: isEmpty(page) ? /* @__PURE__ */ jsx(NoLots, { page }) : /* @__PURE__ */ jsx(LotsTable, { page }) });
}
function isEmpty({ lots, asked: { find, state } }) {
  return lots.length === 0 && !find && !state;
}
function NoLots({ page: { asked } }) {
  const words = media;
  if (asked.place) {
    return /* @__PURE__ */ jsxs(Fragment, { children: [
      /* @__PURE__ */ jsx(PageHead, { title: words.lotsAt(asked.place), lead: /* @__PURE__ */ jsx("a", { href: "/lots", children: words.allLots }) }),
      /* @__PURE__ */ jsx(
        EmptyState,
        {
          title: words.noneHere,
          next: words.noneHereNext,
          action: /* @__PURE__ */ jsx(LinkButton, { href: "/lots/new", children: words.newLot })
        }
      )
    ] });
  }
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(PageHead, { title: words.lots }),
    /* @__PURE__ */ jsx(
      EmptyState,
      {
        title: words.emptyTitle,
        next: words.emptyNext,
        action: /* @__PURE__ */ jsx(LinkButton, { weight: "main", "data-needs": "manage", href: "/lots/new", children: words.emptyAction })
      }
    )
  ] });
}
function LotsTable({ page }) {
  const { format } = useSite();
  const words = media;
  const { asked, part } = page;
  const shown = shownColumns(asked);
  const litres = (value) => format.plain(format.litres(value));
  const address = (change) => listAddress("/lots", { ...asked, ...change });
  const head = (id) => id === "now" ? /* @__PURE__ */ jsx("th", { children: words.columns.now }) : /* @__PURE__ */ jsx(OrderHead, { asked, order: id === "lot" ? "name" : id, name: words.columns[id] });
  return /* @__PURE__ */ jsxs(Fragment, { children: [
    /* @__PURE__ */ jsx(
      PageHead,
      {
        title: asked.place ? words.lotsAt(asked.place) : words.lots,
        lead: /* @__PURE__ */ jsxs(Fragment, { children: [
          words.lotsSummary(
            part.total,
            format.number(part.total),
            litres(page.inPotsLitres),
            litres(page.inStoreLitres),
            format.number(page.litreInnings)
          ),
          " ",
          asked.place ? /* @__PURE__ */ jsx("a", { href: "/lots", children: words.allLots }) : /* @__PURE__ */ jsxs(Fragment, { children: [
            "· ",
            /* @__PURE__ */ jsx("a", { href: "/lots/audit", children: audit.link })
          ] })
        ] }),
        actions: /* @__PURE__ */ jsx(LinkButton, { weight: "main", "data-needs": "manage", href: "/lots/new", children: words.newLot })
      }
    ),
    /* @__PURE__ */ jsxs(
      ListBar,
      {
        path: "/lots",
        label: words.findLots,
        hint: words.findHint,
        find: asked.find ?? "",
        keep: { place: asked.place },
        columns: LOT_COLUMNS.map((id) => ({
          id,
          name: words.columns[id],
          shown: shown.has(id)
        })),
        children: [
          /* @__PURE__ */ jsxs(SelectField, { label: words.stateField, name: "state", defaultValue: asked.state ?? "", children: [
            /* @__PURE__ */ jsx("option", { value: "", children: words.allStates }),
            Object.entries(words.states).map(([state, { word }]) => /* @__PURE__ */ jsx("option", { value: state, children: word }, state))
          ] }),
          /* @__PURE__ */ jsx("div", { className: styles$1.order, children: /* @__PURE__ */ jsxs(SelectField, { label: words.orderField, name: "order", defaultValue: asked.order ?? "", children: [
            /* @__PURE__ */ jsx("option", { value: "", children: words.byNumber }),
            SORTED.flatMap((column) => [
              /* @__PURE__ */ jsx("option", { value: column, children: words.upwards(words.columns[column === "name" ? "lot" : column]) }, column),
              /* @__PURE__ */ jsx("option", { value: `${column}.down`, children: words.downwards(words.columns[column === "name" ? "lot" : column]) }, `${column}.down`)
            ])
          ] }) })
        ]
      }
    ),
    page.lots.length === 0 ? /* @__PURE__ */ jsxs("p", { children: [
      list.nothing,
      " ",
      /* @__PURE__ */ jsx("a", { href: "/lots", children: list.showAll })
    ] }) : /* @__PURE__ */ jsxs("table", { className: styles$1.table, children: [
      /* @__PURE__ */ jsx("thead", { children: /* @__PURE__ */ jsxs("tr", { children: [
        /* @__PURE__ */ jsx("th", { children: /* @__PURE__ */ jsx("span", { className: "visually-hidden", children: words.columns.sample }) }),
        head("lot"),
        LOT_COLUMNS.filter((id) => shown.has(id)).map((id) => /* @__PURE__ */ jsx(Fragment$1, { children: head(id) }, id))
      ] }) }),
      /* @__PURE__ */ jsx("tbody", { children: page.lots.map((row) => /* @__PURE__ */ jsx(Row, { row, shown }, row.id)) })
    ] }),
    /* @__PURE__ */ jsx(Pager, { part, addressOf: (to) => address({ page: to }) })
  ] });
}
function OrderHead({
  asked,
  order,
  name
}) {
  const sorted = asked.order === order ? "up" : asked.order === `${order}.down` ? "down" : null;
  const next = sorted === "up" ? `${order}.down` : order;
  return /* @__PURE__ */ jsx(
    SortHead,
    {
      name,
      sorted,
      address: listAddress("/lots", { ...asked, page: 1, order: next })
    }
  );
}
function shownColumns({ columns }) {
  const named = columns?.split(",");
  return new Set(LOT_COLUMNS.filter((id) => !named || named.includes(id)));
}
function Row({ row, shown }) {
  const { format } = useSite();
  const { columns } = media;
  return /* @__PURE__ */ jsxs("tr", { children: [
    /* @__PURE__ */ jsx("td", { className: styles$1.sampleCell, children: /* @__PURE__ */ jsx(CoreSample, { strata: row.strata }) }),
    /* @__PURE__ */ jsxs("td", { children: [
      /* @__PURE__ */ jsx("a", { className: styles$1.name, href: `/lots/${row.id}`, children: row.name }),
      /* @__PURE__ */ jsxs("span", { className: styles$1.small, children: [
        media.lotNumber(row.id),
        " · ",
        row.where
      ] })
    ] }),
    shown.has("litres") && /* @__PURE__ */ jsxs("td", { className: styles$1.litres, children: [
      /* @__PURE__ */ jsx(Figure, { amount: format.litres(row.litres), large: true }),
      row.roomLitres !== null && /* @__PURE__ */ jsx("span", { className: styles$1.small, children: media.ofRoom(format.plain(format.litres(row.roomLitres))) })
    ] }),
    shown.has("innings") && /* @__PURE__ */ jsx("td", { className: styles$1.inningsCell, children: /* @__PURE__ */ jsx(
      InningsStrip,
      {
        innings: row.innings,
        nextOpen: !["growing", "act", "ready"].includes(row.state)
      }
    ) }),
    shown.has("air") && /* @__PURE__ */ jsx("td", { className: styles$1.airCell, "data-label": columns.air, children: row.air ? /* @__PURE__ */ jsx(Figure, { amount: format.percent(row.air.value), measuredOn: row.air.measuredOn, large: true }) : common.none }),
    shown.has("ph") && /* @__PURE__ */ jsx("td", { className: styles$1.phCell, "data-label": columns.ph, children: row.ph ? /* @__PURE__ */ jsx(
      Figure,
      {
        amount: { number: format.number(row.ph.value, 1), unit: "" },
        measuredOn: row.ph.measuredOn,
        large: true
      }
    ) : common.none }),
    shown.has("now") && /* @__PURE__ */ jsxs("td", { className: styles$1.nowCell, children: [
      /* @__PURE__ */ jsx(StateMark, { state: row.state }),
      /* @__PURE__ */ jsx("span", { className: styles$1.small, children: findingText(row.finding, format) })
    ] })
  ] });
}

const site = {
  title: "Where your pots stand",
  says: (zone, southern) => `Days and times are those of ${zone}, and the growing year is the ${southern ? "southern" : "northern"} one.`,
  guessed: "Taken from this computer: change it if your pots stand elsewhere.",
  zone: "Time zone",
  year: "Growing year",
  northern: "Northern",
  northernNote: "summer in July",
  southern: "Southern",
  southernNote: "summer in January",
  use: (zone) => `Use ${zone.replaceAll("_", " ")}`,
  useBrowsers: (zone) => `Use ${zone}, as in this browser`,
  kept: (zone, southern) => `Kept: ${zone}, ${southern ? "southern" : "northern"} growing year.`
};

function SitePlacePanel({
  place,
  isNew
}) {
  const sentence = site.says(place.timeZone, place.southern);
  if (!isNew) {
    return /* @__PURE__ */ jsxs("details", { className: styles$2.panel, "data-needs": "manage", children: [
      /* @__PURE__ */ jsx("summary", { children: sentence }),
      /* @__PURE__ */ jsx(PlaceFields, { place })
    ] });
  }
  return /* @__PURE__ */ jsxs("section", { "data-needs": "manage", className: styles$2.panel, "aria-labelledby": "site-place", children: [
    /* @__PURE__ */ jsx("h2", { id: "site-place", children: site.title }),
    /* @__PURE__ */ jsxs("p", { children: [
      sentence,
      " ",
      /* @__PURE__ */ jsx("span", { className: styles$2.quiet, children: site.guessed })
    ] }),
    /* @__PURE__ */ jsx(PlaceFields, { place })
  ] });
}
function PlaceFields({ place: kept }) {
  const ready = useReady();
  const [place, setPlace] = useState(kept);
  const [pointed, setPointed] = useState(kept.timeZone);
  const { problem, deliver, isSending } = useSend();
  const browsers = ready ? Intl.DateTimeFormat().resolvedOptions().timeZone : place.timeZone;
  const keep = async (change) => {
    const next = { ...place, ...change };
    setPlace(next);
    const answer = await deliver("PUT", "/api/site/place", next);
    if (!answer) return setPlace(kept);
    showToastOnNextPage({ text: site.kept(next.timeZone, next.southern) });
    window.location.reload();
  };
  return /* @__PURE__ */ jsxs("fieldset", { disabled: !ready || isSending, className: "plain", children: [
    /* @__PURE__ */ jsx(ProblemNotice, { problem }),
    browsers !== place.timeZone && /* @__PURE__ */ jsx("p", { className: styles$2.offer, children: /* @__PURE__ */ jsx(Button, { onClick: () => void keep({ timeZone: browsers }), children: site.useBrowsers(browsers) }) }),
    /* @__PURE__ */ jsxs("div", { className: styles$2.fields, children: [
      /* @__PURE__ */ jsx(
        SelectField,
        {
          label: site.zone,
          value: pointed,
          hint: pointed !== place.timeZone && /* @__PURE__ */ jsx(Button, { onClick: () => void keep({ timeZone: pointed }), children: site.use(pointed) }),
          onChange: (event) => setPointed(event.target.value),
          children: (ready ? zonesWith(place.timeZone) : [place.timeZone]).map((zone) => /* @__PURE__ */ jsx("option", { value: zone, children: zone.replaceAll("_", " ") }, zone))
        }
      ),
      /* @__PURE__ */ jsx(
        Choice,
        {
          label: site.year,
          name: "growing-year",
          options: [
            { value: "north", label: site.northern, note: site.northernNote },
            { value: "south", label: site.southern, note: site.southernNote }
          ],
          isChosen: (value) => value === "south" === place.southern,
          onChange: (event) => void keep({ southern: event.target.value === "south" })
        }
      )
    ] })
  ] });
}
function zonesWith(present) {
  return [.../* @__PURE__ */ new Set([...Intl.supportedValuesOf("timeZone"), "UTC", present])].sort();
}

const $$Astro = createAstro();
const $$Index = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Index;
  const { site, view, problem } = await pageOf((db) => {
    return lotsPage(db, validate(lotsQuerySchema, queryOf(Astro2.url), true));
  });
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": media.lots, "site": site, "area": "lots" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "LotsScreen", LotsScreen, { "page": view, "site": site })}`}${view && Object.keys(view.asked).length === 0 && renderTemplate`${renderComponent($$result2, "SitePlacePanel", SitePlacePanel, { "client:load": true, "place": view.site, "isNew": view.lots.length === 0, "client:component-hydration": "load", "client:component-path": "/work/main/src/features/media/SitePlacePanel", "client:component-export": "default" })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/lots" })}`}` })}`;
}, "/work/main/src/pages/lots/index.astro", void 0);

const $$file = "/work/main/src/pages/lots/index.astro";
const $$url = "/lots";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Index,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
