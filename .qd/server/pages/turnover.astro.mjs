import { e as createComponent, k as renderComponent, r as renderTemplate, h as createAstro } from '../chunks/astro/server_B43Pnw67.mjs';
import 'piccolore';
import { P as ProblemPage } from '../chunks/ProblemPage_B3n4p_wm.mjs';
import { jsxs, jsx, Fragment } from 'react/jsx-runtime';
import { L as LinkButton, $ as $$Layout } from '../chunks/Layout_CULKZlnp.mjs';
import { S as SelectField } from '../chunks/Field_D6p8NWuD.mjs';
import { p as partOf, P as Pager, a as listAddress, l as list, L as ListBar } from '../chunks/Pager_CilYBH19.mjs';
import { P as PageHead } from '../chunks/PageHead_DSY1ER1p.mjs';
import { C as CoreSample } from '../chunks/CoreSample_BnoBsYOk.mjs';
import { I as InningsStrip } from '../chunks/InningsStrip_DTDkk10D.mjs';
import { S as SiteProvider, u as useSite } from '../chunks/SiteContext_DmfuMSrf.mjs';
import { b as batches, v as verdictText } from '../chunks/verdictText_DxA7dLbn.mjs';
import { m as manyFound } from '../chunks/manyFound_C7zKuvW2.mjs';
import { m as media } from '../chunks/media_D6z_O_p6.mjs';
import { p as plan } from '../chunks/plan_CghSn0Zc.mjs';
import { r as recondition } from '../chunks/recondition_DV5KNmnb.mjs';
import { s as styles } from '../chunks/index.a4545497_FmEkMWJV.mjs';
import { t as turnoverQuerySchema } from '../chunks/turnover_COz_YGJm.mjs';
import { p as pageOf } from '../chunks/pageOf_CZoV3y6K.mjs';
import { q as queryOf } from '../chunks/queryOf_DFBJYUTv.mjs';
import { j as readTables, dN as findLots, W as readCardFacts } from '../chunks/database_CmGvnzKd.mjs';
import { d as dayAt } from '../chunks/passphrase_DS02Zua_.mjs';
import 'rotating-file-stream';
import { l as listWorkOrders } from '../chunks/readWorkOrders_B5k6F5lp.mjs';
import { r as readSite } from '../chunks/rules_BOjb8_mp.mjs';
import { l as lotOrderOf } from '../chunks/lotOrderOf_8Prlo_SD.mjs';
import { l as lotRow } from '../chunks/lotRow_C1l0flwL.mjs';
import { v as validate } from '../chunks/validate_BZRkRH8r.mjs';
export { renderers } from '../renderers.mjs';

const WAITING_STATES = ["act", "turn-over", "store"];
const REASONS = { act: "air-short", "turn-over": "season-over", store: "in-store" };
const WAITING_ROWS = 30;
const ORDER_ROWS = 20;
const MOST_OPEN = 100;
async function turnoverPage(db, {
  find = "",
  order,
  page,
  finished: finishedPage,
  finishedFind = "",
  finishedOrder
} = {}) {
  const { timeZone } = await readSite(db);
  const tables = await readTables(db, timeZone);
  const waiting = await partOf(
    page,
    (at) => findLots(db, { find, states: WAITING_STATES, ...lotOrderOf(order), ...at }),
    WAITING_ROWS
  );
  const facts = await readCardFacts(db, tables, waiting.ids);
  const open = await listWorkOrders(db, "open", { offset: 0, limit: MOST_OPEN });
  const finished = await partOf(
    finishedPage,
    (at) => listWorkOrders(db, "finished", {
      find: finishedFind,
      ...finishedOrder ? { order: finishedOrder } : {},
      ...at
    }),
    ORDER_ROWS
  );
  const view = (order2) => ({
    id: order2.id,
    lotId: order2.lotId,
    lotName: order2.lotName,
    cropName: tables.crops.get(order2.cropId)?.name ?? order2.cropId,
    done: order2.stepsDone,
    steps: order2.steps,
    readyOn: order2.readyOn,
    finishedOn: order2.finishedAt ? dayAt(timeZone, order2.finishedAt) : null
  });
  return {
    asked: {
      find,
      page: waiting.part.page,
      finished: finished.part.page,
      finishedFind,
      ...order ? { order } : {},
      ...finishedOrder ? { finishedOrder } : {}
    },
    open: open.rows.map(view),
    openTotal: open.total,
    finished: finished.rows.map(view),
    finishedPart: finished.part,
    waiting: facts.flatMap((one) => waitingLot(lotRow(one, tables, null), one)),
    waitingPart: waiting.part
  };
}
function waitingLot(row, { triage }) {
  const { id, name, litres, where, strata, innings, state } = row;
  if (state !== "act" && state !== "turn-over" && state !== "store") return [];
  return [
    {
      lotId: id,
      lotName: name,
      litres,
      where,
      strata,
      innings,
      reason: REASONS[state],
      triage: triage && {
        verdict: triage.verdict,
        hold: triage.hold,
        overridden: triage.overridden
      }
    }
  ];
}

function TurnoverScreen({ page, site }) {
  const words = recondition;
  const { open, openTotal, finished, asked } = page;
  return /* @__PURE__ */ jsxs(SiteProvider, { site, isStill: true, children: [
    /* @__PURE__ */ jsx(PageHead, { title: words.turnover, lead: words.list.lead }),
    open.length > 0 && /* @__PURE__ */ jsx(Orders, { title: words.list.under, orders: open, children: openTotal > open.length && /* @__PURE__ */ jsx("p", { children: words.list.newestOpen(open.length, openTotal) }) }),
    /* @__PURE__ */ jsx(Waiting, { page }),
    (finished.length > 0 || asked.finishedFind) && /* @__PURE__ */ jsx(
      Orders,
      {
        id: "finished",
        title: words.list.finished,
        orders: finished,
        bar: /* @__PURE__ */ jsx(FinishedBar, { page }),
        none: /* @__PURE__ */ jsxs(Fragment, { children: [
          list.nothing,
          " ",
          /* @__PURE__ */ jsx("a", { href: listAddress("/turnover", { ...asked, finishedFind: void 0 }), children: list.showAll })
        ] }),
        children: /* @__PURE__ */ jsx(
          Pager,
          {
            part: page.finishedPart,
            addressOf: (to) => `${listAddress("/turnover", { ...asked, finished: to })}#finished`
          }
        )
      }
    )
  ] });
}
function FinishedBar({ page: { asked, finishedPart } }) {
  const words = recondition.list;
  const { finished: _first, finishedFind = "", finishedOrder = "", ...rest } = asked;
  if (!finishedFind && finishedPart.total <= finishedPart.pageRows) return null;
  return /* @__PURE__ */ jsx(
    ListBar,
    {
      path: "/turnover#finished",
      label: words.findFinished,
      hint: words.findFinishedHint,
      name: "finishedFind",
      find: finishedFind,
      keep: kept(rest),
      children: /* @__PURE__ */ jsxs(SelectField, { label: list.sort, name: "finishedOrder", defaultValue: finishedOrder, children: [
        /* @__PURE__ */ jsx("option", { value: "", children: list.newest }),
        /* @__PURE__ */ jsx("option", { value: "oldest", children: list.oldest }),
        /* @__PURE__ */ jsx("option", { value: "name", children: words.byLot })
      ] })
    }
  );
}
function kept(asked) {
  return Object.fromEntries(new URLSearchParams(listAddress("", { ...asked }).slice(1)));
}
function Orders({
  id,
  title,
  orders,
  bar,
  none,
  children
}) {
  const { format } = useSite();
  const words = recondition.list;
  return /* @__PURE__ */ jsxs("section", { className: styles.section, id, children: [
    /* @__PURE__ */ jsx("h2", { children: title }),
    bar,
    orders.length === 0 ? /* @__PURE__ */ jsx("p", { children: none }) : /* @__PURE__ */ jsx("ul", { className: styles.list, children: orders.map((order) => /* @__PURE__ */ jsxs("li", { className: `${styles.item} ${styles.plain}`, children: [
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("a", { className: styles.name, href: `/turnover/orders/${order.id}`, children: order.lotName }),
        /* @__PURE__ */ jsxs("span", { className: styles.small, children: [
          media.lotNumber(order.lotId),
          " · ",
          words.planted(order.cropName)
        ] })
      ] }),
      /* @__PURE__ */ jsx("span", { children: order.finishedOn ? words.finishedOn(format.day(order.finishedOn)) : `${words.progress(order.done, order.steps)} · ${words.readyOn(format.day(order.readyOn))}` }),
      !order.finishedOn && /* @__PURE__ */ jsx(LinkButton, { href: `/turnover/orders/${order.id}`, children: words.goOn })
    ] }, order.id)) }),
    children
  ] });
}
function Waiting({ page }) {
  const { format } = useSite();
  const words = recondition.list;
  const { asked, waitingPart } = page;
  const { find: _find, order: _order, page: _page, ...others } = asked;
  const isLong = asked.find || waitingPart.total > waitingPart.pageRows;
  return /* @__PURE__ */ jsxs("section", { className: styles.section, id: "waiting", children: [
    /* @__PURE__ */ jsxs("div", { className: styles.head, children: [
      /* @__PURE__ */ jsx("h2", { children: words.waiting }),
      /* @__PURE__ */ jsxs("span", { className: styles.head, children: [
        /* @__PURE__ */ jsx(LinkButton, { href: "/turnover/found", children: manyFound.many }),
        /* @__PURE__ */ jsx(LinkButton, { href: "/turnover/batches", children: batches.make }),
        /* @__PURE__ */ jsx(LinkButton, { href: "/turnover/plan", children: plan.make })
      ] })
    ] }),
    isLong && /* @__PURE__ */ jsx(
      ListBar,
      {
        path: "/turnover#waiting",
        label: media.findLots,
        hint: media.findHint,
        find: asked.find ?? "",
        keep: kept(others),
        children: /* @__PURE__ */ jsxs(SelectField, { label: media.orderField, name: "order", defaultValue: asked.order ?? "", children: [
          /* @__PURE__ */ jsx("option", { value: "", children: media.byNumber }),
          /* @__PURE__ */ jsx("option", { value: "name", children: media.columns.lot }),
          /* @__PURE__ */ jsx("option", { value: "litres.down", children: media.downwards(media.columns.litres) }),
          /* @__PURE__ */ jsx("option", { value: "air", children: media.upwards(media.columns.air) }),
          /* @__PURE__ */ jsx("option", { value: "innings.down", children: media.downwards(media.columns.innings) })
        ] })
      }
    ),
    page.waiting.length === 0 && (asked.find ? /* @__PURE__ */ jsxs("p", { children: [
      list.nothing,
      " ",
      /* @__PURE__ */ jsx("a", { href: "/turnover", children: list.showAll })
    ] }) : /* @__PURE__ */ jsx("p", { children: words.nothing })),
    page.waiting.length > 0 && /* @__PURE__ */ jsx("ul", { className: styles.list, children: page.waiting.map((row) => /* @__PURE__ */ jsxs("li", { className: styles.item, children: [
      /* @__PURE__ */ jsx(CoreSample, { strata: row.strata }),
      /* @__PURE__ */ jsxs("div", { children: [
        /* @__PURE__ */ jsx("a", { className: styles.name, href: `/lots/${row.lotId}`, children: row.lotName }),
        /* @__PURE__ */ jsxs("span", { className: styles.small, children: [
          media.lotNumber(row.lotId),
          " · ",
          row.where,
          " ·",
          " ",
          format.plain(format.litres(row.litres)),
          " · ",
          words.reasons[row.reason]
        ] }),
        verdictText(row.triage, format) && /* @__PURE__ */ jsx("strong", { className: styles.small, children: verdictText(row.triage, format) })
      ] }),
      /* @__PURE__ */ jsx(InningsStrip, { innings: row.innings, nextOpen: row.reason !== "air-short" }),
      /* @__PURE__ */ jsx(
        LinkButton,
        {
          href: `/turnover/new?lot=${row.lotId}`,
          "aria-label": words.beginLot(row.lotName),
          children: words.begin
        }
      )
    ] }, row.lotId)) }),
    /* @__PURE__ */ jsx(
      Pager,
      {
        part: waitingPart,
        addressOf: (to) => `${listAddress("/turnover", { ...asked, page: to })}#waiting`
      }
    )
  ] });
}

const $$Astro = createAstro();
const $$Index = createComponent(async ($$result, $$props, $$slots) => {
  const Astro2 = $$result.createAstro($$Astro, $$props, $$slots);
  Astro2.self = $$Index;
  const { site, view, problem } = await pageOf(
    (db) => turnoverPage(db, validate(turnoverQuerySchema, queryOf(Astro2.url), true))
  );
  if (problem) Astro2.response.status = problem.status;
  return renderTemplate`${renderComponent($$result, "Layout", $$Layout, { "title": recondition.turnover, "site": site, "area": "turnover" }, { "default": async ($$result2) => renderTemplate`${view && renderTemplate`${renderComponent($$result2, "TurnoverScreen", TurnoverScreen, { "page": view, "site": site })}`}${problem && renderTemplate`${renderComponent($$result2, "ProblemPage", ProblemPage, { "problem": problem, "back": "/turnover" })}`}` })}`;
}, "/work/main/src/pages/turnover/index.astro", void 0);

const $$file = "/work/main/src/pages/turnover/index.astro";
const $$url = "/turnover";

const _page = /*#__PURE__*/Object.freeze(/*#__PURE__*/Object.defineProperty({
  __proto__: null,
  default: $$Index,
  file: $$file,
  url: $$url
}, Symbol.toStringTag, { value: 'Module' }));

const page = () => _page;

export { page };
